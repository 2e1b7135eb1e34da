export { CHANNEL_IDS, CHANNELS, channel } from './channels';
export type { ChannelId } from './channels';
export { POINT_CODES, POINT_COUNTS } from './codes';
export { anchorOfPoint, flowOrder, isPointCode, placePoint, point, POINTS, pointsOn } from './points';
export type { PointCode, PointRow } from './points';
export { REGIONS } from './points/extra';
export type { Region } from './points/extra';
export { countsOf, cunCm, FINGER_MEASURES, measure, MEASURE_IDS, MEASURES } from './measures';
export type { Count, CunCm, MeasureId, PersonMeasures } from './measures';
export { placeAnchor, vertebraLevel } from './place';
export type { SkinPlace } from './place';
export { cautionsOfPoint, POINT_CAUTIONS } from './cautions';
export {
  CHANNELS_OF_ORGANS,
  childPoint,
  CLASS_KINDS,
  classesOf,
  motherPoint,
  ORGAN_POINTS,
  pointsForTheme,
  TRANSPORT_KINDS,
  TRANSPORT_POINTS,
  transportPhase,
} from './classes';
export type { ClassKind, PointClass, PointIntent, Proposal, RegularChannelId } from './classes';
export { courseCm, courseIsWhole, faceOf, JOINS, pairOf, placeCourse } from './courses';
export {
  BREATHS_PER_DAY,
  breathsAlong,
  breathsPerCircuit,
  CHANNEL_LENGTHS_CHI,
  channelLengthChi,
  circuitChi,
  circuitsIn,
  CUN_PER_BREATH,
} from './flow';
export { ROUTE_REGION_IDS, ROUTE_REGIONS } from './routeRegions';
export type { RouteRegion, RouteStop } from './routeRegions';
export { readRoute, routeByChannel } from './routes';
export type { RouteLeg } from './routes';
export { findPoints, plain, SEARCH_WORDS } from './find';
