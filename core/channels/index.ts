export { CHANNEL_IDS, CHANNELS, channel } from './channels';
export type { ChannelId } from './channels';
export { POINT_CODES, POINT_COUNTS } from './codes';
export { flowOrder, isPointCode, placePoint, point, POINTS, pointsOn } from './points';
export type { PointCode } from './points';
export { countedWays } from './counted';
export { REGIONS } from './points/extra';
export { countsOf, cunCm, FINGER_MEASURES, measure, MEASURE_IDS, MEASURES } from './measures';
export type { MeasureId, PersonMeasures } from './measures';
export { vertebraLevel } from './place';
export type { SkinPlace } from './place';
export { cautionsOfPoint } from './cautions';
export type { PointCaution } from './cautions';
export {
  CHANNELS_OF_ORGANS,
  childPoint,
  classesOf,
  motherPoint,
  ORGAN_POINTS,
  pointsForTheme,
  TRANSPORT_POINTS,
  transportPhase,
} from './classes';
export type { PointClass, PointIntent, RegularChannelId } from './classes';
export { courseCm, courseIsWhole, faceOf, JOINS, pairOf, placeCourse } from './courses';
export {
  BREATHS_PER_DAY,
  breathsAlong,
  breathsPerCircuit,
  channelLengthChi,
  circuitChi,
  circuitsIn,
  CUN_PER_BREATH,
} from './flow';
export { ROUTE_REGION_IDS, ROUTE_REGIONS } from './routeRegions';
export type { RouteStop } from './routeRegions';
export { readRoute, routeByChannel } from './routes';
export type { RouteLeg } from './routes';
export { findPoints, plain, SEARCH_WORDS } from './find';
