import type { Hand, Posture } from '../../body';
import {
  AT_KIDNEYS,
  before,
  both,
  bow,
  each,
  ON_BELLY,
  reaching,
  sit,
  stand,
  to,
  type FormBody,
} from './words';

/** Where the hands are, forward and back, in a wave; the weight and the feet are the same in all of them. */
interface WaveHands {
  readonly ahead: readonly Hand[];
  readonly home: readonly Hand[];
  readonly homeFirst: boolean;
  readonly sink?: number;
}

function wave({ ahead, home, homeFirst, sink = 30 }: WaveHands, low: readonly [Hand, Hand]): FormBody {
  const forward = (hand: Hand): Posture =>
    stand(sink + 6, both(hand), {
      feet: { ...bow(), heels: { right: 6 } },
      weight: 0.72,
      trunk: { lean: 4 },
    });
  const back = (hand: Hand): Posture =>
    stand(sink, both(hand), { feet: { ...bow(), toes: { left: 12 } }, weight: 0.24 });
  const strokes = [to(...home.map(back)), to(...ahead.map(forward))];
  const near = [
    to(stand(14, both(low[0]), { along: 0.24 })),
    to(stand(13, each(low[1], low[1]), { along: 0.64 })),
  ];
  const chair = [
    to(sit(both(low[0]), { trunk: { lean: -4 } })),
    to(sit(both(low[1]), { trunk: { lean: 8 } })),
  ];
  const order = <T>(list: T[]): T[] => (homeFirst ? list : list.reverse());
  return { view: 'side', cycle: order(strokes), smaller: order(near), seated: order(chair) };
}

// prettier-ignore
export const ROUND_BODIES: Readonly<Record<string, FormBody>> = {
  'phase-wood-sapling': {
    cycle: [to(stand(9, both(before('ribs', 0, 2, 2, 'body', 'up')))), to(stand(16, both(reaching(1, -0.1, 0.4, 'up', 0.92))))],
    smaller: [to(stand(9, both(before('ribs', 0, 1, 2, 'body', 'up')))), to(stand(13, both(reaching(0.8, -0.5, 0.6, 'up', 0.72))))],
    seated: [to(sit(both(before('ribs', 0, 2, 2, 'body', 'up')))), to(sit(both(reaching(1, -0.15, 0.4, 'up', 0.9))))],
  },
  'phase-fire-blossom': {
    cycle: [to(stand(8, both({ ...reaching(0.75, -0.05, 0.8, 'forward', 0.9), fingers: 'up' }))), to(stand(15, both(before('middle dantian', 1.6, 0, 4, 'body', 'up'))))],
    smaller: [to(stand(8, both(before('middle dantian', 6, 0, 8, 'forward', 'up')))), to(stand(13, both(before('middle dantian', 1.6, 0, 4, 'body', 'up'))))],
    seated: [to(sit(both({ ...reaching(0.75, -0.1, 0.8, 'forward', 0.88), fingers: 'up' }))), to(sit(both(before('middle dantian', 1.6, 0, 4, 'body', 'up'))))],
  },
  'phase-earth-turning-ground': {
    cycle: [to(stand(16, both(before('navel', 5, 1, 8, 'down', 'forward')), { weight: 0.56, trunk: { turn: 14 } }), stand(18, both(before('navel', 4, 1, 12, 'down', 'forward')))), to(stand(16, both(before('navel', 4, 1, 8, 'down', 'forward')), { weight: 0.44, trunk: { turn: -14 } }), stand(14, both(ON_BELLY)))],
    smaller: [to(stand(12, both(before('navel', 4, 0, 7, 'down', 'forward')), { trunk: { turn: 7 } })), to(stand(12, both(ON_BELLY)))],
    seated: [to(sit(both(before('navel', 4, 4, 7, 'down', 'forward')), { trunk: { turn: 12 } }), sit(both(before('navel', 4, 4, 11, 'down', 'forward')), { trunk: { lean: 6 } })), to(sit(both(before('navel', 4, 4, 7, 'down', 'forward')), { trunk: { turn: -12 } }), sit(both(ON_BELLY)))],
  },
  'phase-metal-autumn-air': {
    cycle: [to(stand(10, both(reaching(1, -0.2, 0.3, 'forward', 0.92))), stand(8, both(before('collarbone', 1, -1, 8, 'down')))), to(stand(10, both(before('middle dantian', 4, 0, 7, 'down'))), stand(17, both(before('navel', 6, -3, 5, 'down', 'forward'))))],
    smaller: [to(stand(9, both(before('middle dantian', 6, 0, 6, 'down')))), to(stand(14, both(before('navel', 6, -1, 6, 'down', 'forward'))))],
    seated: [to(sit(both(reaching(1, -0.25, 0.35, 'forward', 0.9))), sit(both(before('collarbone', 1, -2, 8, 'down')))), to(sit(both(before('middle dantian', 4, 0, 7, 'down'))), sit(both({ near: 'thigh', off: [1, 1, 1.6], palm: 'down' })))],
  },
  'phase-water-well': {
    view: 'three-quarter',
    cycle: [to(stand(10, both({ near: 'hip', off: [1, 0, 1] })), stand(8, both(AT_KIDNEYS))), to(stand(16, both({ near: 'buttock', elbow: 'back' })), stand(30, both(reaching(0.3, -1, 0.1, 'back', 0.95)), { trunk: { lean: 6 } }))],
    smaller: [to(stand(9, both(AT_KIDNEYS))), to(stand(12, both(AT_KIDNEYS)))],
    seated: [to(sit(both({ near: 'hip', off: [1, 1, 1] })), sit(both(AT_KIDNEYS))), to(sit(both({ near: 'hip', off: [1.5, 0, 2] })), sit())],
  },
  'wave-wood': wave({ home: [before('ribs', 0, 0, 3, 'body', 'up')], ahead: [{ ...reaching(0.8, -0.1, 0.8, 'out', 0.9), fingers: 'up' }], homeFirst: true }, [before('ribs', 0, 0, 3, 'body', 'up'), { ...reaching(0.7, -0.4, 0.8, 'out', 0.84), fingers: 'up' }]),
  'wave-fire': wave({ ahead: [reaching(0.4, -0.02, 1, 'up', 0.9)], home: [before('middle dantian', 1.6, 0, 4, 'body', 'up')], homeFirst: false }, [before('middle dantian', 1.6, 0, 4, 'body', 'up'), reaching(0.4, -0.25, 1, 'up', 0.84)]),
  'wave-earth': wave({ ahead: [reaching(0.9, -0.7, 0.6, 'up', 0.92), reaching(0.2, -0.6, 1, 'up', 0.88)], home: [before('navel', 2.5, 1, 4, 'up'), ON_BELLY], homeFirst: false }, [ON_BELLY, reaching(0.4, -0.55, 0.9, 'up', 0.84)]),
  'wave-metal': wave({ home: [reaching(0.9, -0.15, 0.5, 'forward', 0.86)], ahead: [before('middle dantian', 3, 0, 9, 'forward', 'up'), reaching(0.2, -0.5, 1, 'down', 0.92)], homeFirst: true }, [before('ribs', 1, 0, 5, 'forward', 'up'), reaching(0.2, -0.55, 1, 'down', 0.86)]),
  'wave-water': wave({ ahead: [reaching(0.1, -0.1, 1, 'down', 0.9)], home: [before('navel', 5, 0, 6, 'down', 'forward'), reaching(0.35, -1, -0.15, 'back', 0.94)], homeFirst: false, sink: 34 }, [reaching(0.35, -0.75, 0.35, 'down', 0.76), reaching(0.1, -0.3, 1, 'down', 0.84)]),
};
