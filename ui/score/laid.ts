import { NAMES_Y } from './Blocks';
import { LANES_HEIGHT } from './BodyLanes';
import { LAYERS_HEIGHT } from './LayersLane';
import { CHANNEL_HEIGHT, EFFORT_HEIGHT } from './MoreLanes';
import { CUES_FROM_PX_PER_S } from './WordsLane';

/** What can be shown under the breath line. */
export const LANES = ['layers', 'body', 'effort', 'channels', 'words'] as const;
export type Lane = (typeof LANES)[number];
export const LANE_LABELS: Readonly<Record<Lane, string>> = {
  layers: 'breath and sound',
  body: 'feet, height, arms',
  effort: 'effort',
  channels: 'channels',
  words: 'words',
};

export const WORDS_Y = NAMES_Y + 12;
/** Words that can be read, and words as marks, px. */
const CUES_HEIGHT = 24;
const MARKS_HEIGHT = 8;

/** Where each lane begins under the breath line, px. */
export function laidOut(shown: ReadonlySet<Lane>, channels: number, pxPerMs: number, layers = false) {
  const hasCues = pxPerMs * 1000 >= CUES_FROM_PX_PER_S;
  const layersTop = WORDS_Y + (shown.has('words') ? (hasCues ? CUES_HEIGHT : MARKS_HEIGHT) : 0);
  const bodyTop = layersTop + (layers && shown.has('layers') ? LAYERS_HEIGHT + 4 : 0);
  const effortTop = bodyTop + (shown.has('body') ? LANES_HEIGHT + 4 : 0);
  const channelTop = effortTop + (shown.has('effort') ? EFFORT_HEIGHT + 8 : 0);
  const axisY = channelTop + (shown.has('channels') ? channels * CHANNEL_HEIGHT + 6 : 0) + 12;
  return { layersTop, bodyTop, effortTop, channelTop, axisY, height: axisY + 22 };
}
