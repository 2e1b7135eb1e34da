import type { ChannelId } from '../../channels';

/** A way along a limb or the body as it is said: "down the outside of the legs". */
export interface WaySaid {
  readonly way: 'up' | 'down';
  readonly face: Face;
}
export type Face = 'inside' | 'outside' | 'front' | 'back';

const FACES: Readonly<Record<string, Face>> = {
  inside: 'inside',
  insides: 'inside',
  inner: 'inside',
  outside: 'outside',
  outsides: 'outside',
  outer: 'outside',
  'the front': 'front',
  'the fronts': 'front',
  'the back': 'back',
  'the backs': 'back',
};
const FACE = Object.keys(FACES).join('|');
const SAID = new RegExp(
  `\\b(?<way>up|upwards?|down|downwards?)\\b(?:(?!\\b(?:up|upwards?|down|downwards?)\\b)[^.;])*?\\b(?<face>${FACE})\\b(?: and (?:the )?(?<also>back|front|outside|inside)\\b)?`,
  'gi',
);

/** Every way along a face of the limbs or the trunk that a text names. */
export const readWays = (text: string): readonly WaySaid[] =>
  [...text.matchAll(SAID)].flatMap(({ groups = {} }) => {
    const way = /^up/i.test(groups['way'] ?? '') ? ('up' as const) : ('down' as const);
    const first = FACES[(groups['face'] ?? '').toLowerCase()];
    const also = groups['also']?.toLowerCase() as Face | undefined;
    return [first, also].flatMap((face) => (face === undefined ? [] : [{ way, face }]));
  });

/**
 * Where a channel runs on the hanging arm, the leg or the trunk, and which way it flows there (Líng Shū 10 and 38: hand-yin
 * from the chest to the hand, hand-yang from the hand to the head, foot-yang from the head to the foot, foot-yin from the
 * foot to the chest).
 */
export const CHANNEL_WAYS: Readonly<Record<ChannelId, WaySaid>> = {
  LU: { way: 'down', face: 'inside' },
  PC: { way: 'down', face: 'inside' },
  HT: { way: 'down', face: 'inside' },
  LI: { way: 'up', face: 'outside' },
  TE: { way: 'up', face: 'outside' },
  SI: { way: 'up', face: 'outside' },
  ST: { way: 'down', face: 'front' },
  BL: { way: 'down', face: 'back' },
  GB: { way: 'down', face: 'outside' },
  SP: { way: 'up', face: 'inside' },
  LR: { way: 'up', face: 'inside' },
  KI: { way: 'up', face: 'inside' },
  GV: { way: 'up', face: 'back' },
  CV: { way: 'up', face: 'front' },
};

/** From where to where, as it is said. */
export const readFromTo = (text: string): readonly { readonly from: string; readonly to: string }[] =>
  [
    ...text.matchAll(/\bfrom (?<from>[^.;,]*?) (?:down |up |out |over [^.;,]*?|back )*to (?<to>[^.;,]*)/gi),
  ].map(({ groups = {} }) => ({ from: groups['from'] ?? '', to: groups['to'] ?? '' }));
