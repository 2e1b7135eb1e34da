import {
  BEFORE_BELLY,
  before,
  both,
  each,
  ON_THIGHS,
  reaching,
  sit,
  stand,
  to,
  type FormBody,
  THIGHS_PALMS_UP,
  PALMS_TOGETHER,
} from './words';

const onHeart = each(
  { near: 'middle dantian', fingers: 'in', elbow: 'out' },
  { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' },
);
const floating = reaching(0.8, -0.75, 0.45, 'down', 0.82);
const guards = (upper: number) =>
  each(before('middle dantian', 0, upper, 9, 'body', 'in'), before('lower dantian', 0, 0, 7, 'up', 'in'));

// prettier-ignore
export const STANDING_BODIES: Readonly<Record<string, FormBody>> = {
  'arrive-seated-bell': { view: 'three-quarter', entry: [to(sit())], cycle: [to(sit(both(ON_THIGHS), { head: { nod: -3 } })), to(sit(both(ON_THIGHS), { head: { nod: 3 } }))] },
  'arrive-intention': {
    cycle: [to(stand(8, both(PALMS_TOGETHER))), to(stand(12, both(PALMS_TOGETHER), { head: { nod: 8 } }))],
    smaller: [to(stand(8, each({ near: 'middle dantian', fingers: 'in' }, { near: 'hanging' }))), to(stand(12, each({ near: 'middle dantian', fingers: 'in' }, { near: 'hanging' }), { head: { nod: 6 } }))],
  },
  'arrive-hands-to-heart': { cycle: [to(stand(8, onHeart)), to(stand(12, onHeart, { head: { nod: 5 } }))], smaller: [to(stand(8)), to(stand(12))] },
  'arrive-walk-down': { cycle: [to(stand(7)), to(stand(14, undefined, { head: { nod: 5 } }))] },
  'arrive-quiet-smile': {
    cycle: [to(stand(8, both({ near: 'hanging', palm: 'forward' }), { head: { nod: -3 } })), to(stand(13, both({ near: 'hanging', palm: 'forward' }), { head: { nod: 3 } }))],
    seated: [to(sit(both(THIGHS_PALMS_UP), { head: { nod: -3 } })), to(sit(both(THIGHS_PALMS_UP), { head: { nod: 3 } }))],
  },
  'hold-embrace-overhead': {
    entry: [to(stand(10, both(reaching(0.6, 0.2, 0.9, 'body', 0.9))), stand(12, both(before('crown', 5, 5, 7, 'body', 'in'))))],
    cycle: [to(stand(10, both(before('crown', 5, 5.6, 7, 'body', 'in')))), to(stand(14, both(before('crown', 5, 5, 7, 'body', 'in'))))],
    exit: [to(stand(10, both(reaching(1, 0, 0.25))), stand(8))],
    smaller: [to(stand(8, both(before('collarbone', 0, -1, 11, 'body', 'in')))), to(stand(12, both(before('collarbone', 0, -2, 11, 'body', 'in'))))],
    seated: [to(sit(both(before('collarbone', 0, -1, 11, 'body', 'in')))), to(sit(both(before('collarbone', 0, -2, 11, 'body', 'in'))))],
  },
  'hold-horse': {
    entry: [to(stand(40, both(before('middle dantian', 4, -3, 12)), { feet: { turnOut: 16 } }))],
    cycle: [to(stand(42, both(before('middle dantian', 4, -3, 12)), { feet: { turnOut: 16 } })), to(stand(50, both(before('middle dantian', 4, -4, 12)), { feet: { turnOut: 16 } }))],
    exit: [to(stand(10, undefined, { feet: { turnOut: 16 } }))],
    smaller: [to(stand(14, both(before('middle dantian', 4, -3, 11)))), to(stand(20, both(before('middle dantian', 4, -4, 11))))],
    seated: [to(sit(both(before('middle dantian', 4, -2, 11)), { feet: { turnOut: 20 } })), to(sit(both(before('middle dantian', 4, -3, 11)), { feet: { turnOut: 20 } }))],
  },
  'hold-floating': {
    entry: [to(stand(12, both(floating)))],
    cycle: [to(stand(9, both(reaching(0.8, -0.68, 0.45, 'down', 0.82)))), to(stand(15, both(floating)))],
    exit: [to(stand(10))],
    smaller: [to(stand(8, both(reaching(0.6, -0.85, 0.3, 'down', 0.85)))), to(stand(12, both(reaching(0.6, -0.88, 0.3, 'down', 0.85))))],
    seated: [to(sit(both(reaching(0.5, -0.6, 0.7, 'down', 0.75)))), to(sit(both(reaching(0.5, -0.66, 0.7, 'down', 0.75))))],
  },
  'hold-three-circles': {
    entry: [to(stand(18, both(before('middle dantian', 5, 0, 12))))],
    cycle: [to(stand(14, both(before('middle dantian', 5.5, 0.5, 12)))), to(stand(20, both(before('middle dantian', 5, 0, 12))))],
    exit: [to(stand(9))],
    smaller: [to(stand(10, both(before('navel', 5, 0, 10)))), to(stand(14, both(before('navel', 5, 0, 10))))],
    seated: [to(sit(both(before('middle dantian', 5, -1, 11)))), to(sit(both(before('middle dantian', 5, -2, 11))))],
  },
  'hold-one-hand-guards': {
    cycle: [to(stand(9, guards(1))), to(stand(14, guards(0)))],
    smaller: [to(stand(8, each({ near: 'middle dantian', fingers: 'in' }, { near: 'lower dantian', fingers: 'in' }))), to(stand(12, each({ near: 'middle dantian', fingers: 'in' }, { near: 'lower dantian', fingers: 'in' })))],
    seated: [to(sit(each(before('middle dantian', 0, 1, 9), before('navel', 0, 0, 7, 'up')))), to(sit(each(before('middle dantian', 0, 0, 9), before('navel', 0, 0, 7, 'up'))))],
  },
  'sit-embrace': {
    view: 'three-quarter',
    cycle: [to(sit(both({ ...BEFORE_BELLY, off: [4, 4, 8.5] }))), to(sit(both({ ...BEFORE_BELLY, off: [4, 3, 7] })))],
    smaller: [to(sit(both({ near: 'lower dantian', off: [2, 1, 2.5], palm: 'up', fingers: 'in' }))), to(sit(both({ near: 'lower dantian', off: [2, 1, 2.5], palm: 'up', fingers: 'in' })))],
  },
};
