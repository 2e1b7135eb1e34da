import type { Hand, Posture, Prop } from '../../body';
import type { Form, Stroke } from '../model/model';
import { along, defineForm, type FormText } from '../writing/define';
import { before, both, each, HANGING, reaching, sit, stand } from '../writing/postures';
import { exhale, inhale, to } from '../writing/strokes';

type Way = NonNullable<Form['seated']>;

/** Done with something, or with somebody, in every posture of every way that does not say otherwise. */
function using(prop: Prop, text: FormText): Form {
  const held = (strokes: readonly Stroke[]): Stroke[] =>
    strokes.map((stroke) =>
      stroke.postures
        ? { ...stroke, postures: stroke.postures.map((posture): Posture => ({ with: prop, ...posture })) }
        : stroke,
    );
  const way = (one: Way): Way => ({
    ...one,
    ...(one.cycle ? { cycle: held(one.cycle) } : {}),
    ...(one.entry ? { entry: held(one.entry) } : {}),
    ...(one.exit ? { exit: held(one.exit) } : {}),
  });
  return defineForm({
    ...text,
    cycle: held(text.cycle),
    ...(text.entry ? { entry: held(text.entry) } : {}),
    ...(text.exit ? { exit: held(text.exit) } : {}),
    ...(text.smaller ? { smaller: way(text.smaller) } : {}),
    ...(text.seated ? { seated: way(text.seated) } : {}),
  });
}

/** A hand on what is opposite: so far out and up from the height of the shoulder, and so far off it, in cùn. */
const onWall = (out = 0, up = 0, away = 0): Hand => ({
  near: 'opposite',
  off: [out, up, away],
  palm: 'forward',
  fingers: 'up',
  elbow: 'low',
});
/** Both hands closed round a staff before the body, so far apart (out), up and ahead of a place. */
const grip = (
  near: Hand['near'],
  out: number,
  up: number,
  away: number,
  palm: Hand['palm'] = 'down',
): Hand => ({
  near,
  off: [out, up, away],
  palm,
  fingers: 'in',
  elbow: 'out',
  shape: 'loose fist',
});
const overhead = (out: number, share = 0.93): Hand => ({
  near: 'reach',
  toward: [out, 1, 0.16],
  share,
  palm: 'forward',
  shape: 'loose fist',
});
/** Palms round a ball, before a place. */
const round = (near: Hand['near'], up: number, away: number, out = 5): Hand => ({
  near,
  off: [out, up, away],
  palm: 'in',
  fingers: 'forward',
  elbow: 'low',
});
const palmsOnNeighbours = (out = 0, up = 0): NonNullable<Posture['hands']> => ({
  left: { near: 'neighbour', off: [out, up, 0], palm: 'up', fingers: 'out' },
  right: { near: 'neighbour', off: [out, up, 0], palm: 'down', fingers: 'out' },
});

/** Done from a chair, its back is wall enough. */
const NO_WALL: Posture = { base: 'chair', with: undefined, hands: both({ near: 'thigh' }) };

/** At a wall, with a ball, with a staff, with a partner, in a ring. Common practice. */
// prettier-ignore
export const COMPANY = [
  using('wall', {
    id: 'wall-palms', name: 'Palms on the wall', family: 'flowing pair', roles: ['nourish', 'loosen'], actions: ['moves', 'nourishes'], phases: ['metal'], organs: ['lung', 'large-intestine'], channels: along('stretch', 'LU', 'LI', 'PC'), points: ['PC8'], pace: 'flowing', repetitions: { least: 3, usual: 6, most: 12, multipleOf: 1 }, loosens: ['shoulders', 'wrists'],
    images: ['A boat tied to the quay: it comes in, it drifts off, the rope stays soft.', 'The wall breathes, and you keep it company.'], mistakes: [{ mistake: 'hanging in the shoulders', mend: 'Sink them; the elbows point to the floor.' }], cautions: ['Palms lie flat; with sore wrists lean the forearms on the wall instead.'], view: 'side',
    cycle: [
      inhale('Palms on the wall, elbows heavy; let the chest come nearer.', to(stand(12, both(onWall()), { along: 0.68, trunk: { lean: 4 } }))),
      exhale('Palms grow into the wall; the back grows wide behind you.', to(stand(18, both(onWall()), { along: 0.34, trunk: { round: 12 } }))),
    ],
    smaller: { change: 'Hands lower, hardly any lean.', cycle: [inhale('Palms low on the wall; the chest opens.', to(stand(9, both(onWall(0, -5)), { along: 0.5 }))), exhale('Let the back widen a little.', to(stand(11, both(onWall(0, -5)), { along: 0.42, trunk: { round: 6 } })))] },
    seated: { change: 'On a chair close to the wall.', cycle: [inhale('Seated before the wall, palms on it: the chest opens.', to(sit(both(onWall(0, -2)), { trunk: { lean: 3 } }))), exhale('Palms grow into the wall; the back grows wide.', to(sit(both(onWall(0, -2)), { trunk: { round: 10, lean: 2 } })))] },
  }),
  using('wall', {
    id: 'wall-climb', name: 'Hands climb the wall', family: 'joint loosening', roles: ['loosen'], actions: ['moves'], phases: ['wood'], organs: ['gallbladder', 'liver'], channels: along('stretch', 'GB', 'LR', 'TE'), points: ['GB21'], sides: 'alternating', pace: 'flowing', repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, loosens: ['shoulders', 'spine'],
    images: ['A bean that feels its way up the wall, leaf by leaf.'], mistakes: [{ mistake: 'the shoulder climbs instead of the hand', mend: 'Lower, with the shoulder down; the hand will find its way another day.' }], cautions: ['As high as the shoulder is at ease, and no higher.'], view: 'side',
    cycle: [
      inhale('The {side} hand walks up the wall, finger by finger.', to(stand(10, each(onWall(0, 8.5), onWall(0, -3)), { trunk: { bend: -4 } }))),
      exhale('It slides down again, and the shoulder with it.', to(stand(12, each(onWall(0, -3), onWall(0, -3))))),
    ],
    smaller: { change: 'To the height of the shoulder.', cycle: [inhale('The {side} hand walks up to shoulder height.', to(stand(9, each(onWall(0, 0), onWall(0, -5))))), exhale('Down again, the shoulder soft.', to(stand(10, each(onWall(0, -5), onWall(0, -5)))))] },
    seated: { change: 'On a chair close to the wall.', cycle: [inhale('Seated: the {side} hand walks up the wall.', to(sit(each(onWall(0, 4), onWall(0, -4)), { trunk: { lean: 4 } }))), exhale('It slides down, and the shoulder with it.', to(sit(each(onWall(0, -4), onWall(0, -4)), { trunk: { lean: 4 } })))] },
  }),
  using('wall behind', {
    id: 'wall-back', name: 'The back along the wall', family: 'standing posture', roles: ['still', 'nourish', 'loosen'], actions: ['calms', 'nourishes'], polarity: 'yin', phases: ['water'], organs: ['kidney', 'bladder'], channels: along('attend', 'BL', 'GV'), points: ['GV4', 'BL23'], pace: 'inner', manner: 'natural', repetitions: { least: 3, usual: 6, most: 18, multipleOf: 1 }, loosens: ['spine'], setupSec: { known: 8, taught: 20 }, settleSec: 4,
    images: ['Moss on the sheltered side of a stone.', 'A page read line by line, from the tail up.'], mistakes: [{ mistake: 'pushing the low back flat', mend: 'Let the tail sink; the back grows long by itself.' }], view: 'side',
    cycle: [
      inhale('Sacrum and shoulder blades rest on the wall; the back fills.', to(stand(14, both(HANGING), { along: 0.14 }))),
      exhale('Slide a little lower; the tail hangs, the chin is soft.', to(stand(30, both(HANGING), { along: 0.18 }))),
    ],
    smaller: { change: 'Legs long, no sliding.', cycle: [inhale('The back rests on the wall and fills.', to(stand(8, both(HANGING), { along: 0.14 }))), exhale('Shoulders let go along the wall.', to(stand(9, both(HANGING), { along: 0.14 })))] },
    seated: { name: 'The back along the chair', change: 'The back of the chair is wall enough.', cycle: [inhale('Seated: the back of the chair bears you; the back fills.', to({ ...NO_WALL, trunk: { lean: -4 } })), exhale('Shoulders let go, the tail hangs.', to({ ...NO_WALL, trunk: { lean: -3, round: 3 } }))] },
  }),
  using('wall', {
    id: 'wall-chest-opened', name: 'One palm stays, the chest turns', family: 'twist and bend', roles: ['loosen', 'nourish'], actions: ['moves', 'clears'], phases: ['metal', 'fire'], organs: ['lung', 'heart'], channels: along('stretch', 'LU', 'HT', 'PC'), points: ['LU1', 'PC8'], sides: 'alternating', pace: 'flowing', repetitions: { least: 2, usual: 3, most: 6, multipleOf: 1 }, loosens: ['shoulders', 'spine'],
    images: ['A door that opens on the hinge of one hand.'], mistakes: [{ mistake: 'the arm is torn back', mend: 'The chest turns as far as the shoulder likes, and waits there for a breath.' }], view: 'three-quarter',
    cycle: [
      inhale('The {side} palm on the wall, a little out; grow tall.', to(stand(12, each(onWall(2, -1), HANGING)))),
      exhale('The palm stays; the chest turns to the {other}.', to(stand(14, each(onWall(2, -1), HANGING), { trunk: { turn: -18 } }))),
    ],
    smaller: { change: 'The hand lower, half the turn.', cycle: [inhale('The {side} palm low on the wall; grow tall.', to(stand(9, each(onWall(1, -5), HANGING)))), exhale('The chest turns a little to the {other}.', to(stand(10, each(onWall(1, -5), HANGING), { trunk: { turn: -8 } })))] },
    seated: { change: 'On a chair close to the wall.', cycle: [inhale('Seated, the {side} palm on the wall; grow tall.', to(sit(each(onWall(1, -3), { near: 'thigh' }), { trunk: { lean: 4 } }))), exhale('The palm stays; the chest turns to the {other}.', to(sit(each(onWall(1, -3), { near: 'thigh' }), { trunk: { turn: -10, lean: 4 } })))] },
  }),
  using('ball', {
    id: 'ball-lifted', name: 'Ball carried up and down', family: 'flowing pair', roles: ['nourish', 'gather'], actions: ['nourishes', 'moves'], phases: ['earth'], organs: ['spleen', 'stomach'], channels: along('attend', 'SP', 'PC'), points: ['PC8'], pace: 'flowing', repetitions: { least: 3, usual: 6, most: 18, multipleOf: 1 }, loosens: ['shoulders'],
    images: ['A full bowl carried up the cellar steps.', 'The moon in two hands.'], mistakes: [{ mistake: 'squeezing it', mend: 'Hold it as you would an egg that is warm.' }],
    cycle: [
      inhale('The ball between the palms rises from the belly to the breast.', to(stand(8, both(round('middle dantian', 1, 9))))),
      exhale('It sinks to the lower belly, and the knees with it.', to(stand(24, both(round('lower dantian', -1, 8))))),
    ],
    smaller: { change: 'From the navel to the ribs, legs long.', cycle: [inhale('The ball between the palms comes up to the ribs.', to(stand(7, both(round('solar plexus', 0, 8))))), exhale('It sinks to the navel.', to(stand(10, both(round('navel', -1, 8)))))] },
    seated: { change: 'From the lap.', cycle: [inhale('Seated: the ball between the palms rises to the breast.', to(sit(both(round('middle dantian', 0, 9))))), exhale('It sinks into the lap.', to(sit(both(round('lower dantian', 2, 8)))))] },
  }),
  using('ball', {
    id: 'ball-carried-round', name: 'Ball carried from side to side', family: 'twist and bend', roles: ['nourish', 'loosen', 'balance'], actions: ['moves', 'nourishes'], phases: ['earth', 'wood'], organs: ['spleen', 'liver'], channels: along('stretch', 'GB', 'SP'), points: ['PC8', 'GB26'], sides: 'alternating', pace: 'turning', footwork: 'The weight goes along from foot to foot; both stay down.', repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, loosens: ['hips', 'spine'],
    images: ['A cat asleep in your hands, and a long walk home.'], mistakes: [{ mistake: 'the arms carry it', mend: 'Belt and hips turn; the arms are only the basket.' }],
    cycle: [
      inhale('The ball before the belly, in the middle.', to(stand(12, both(round('navel', 0, 8)), { weight: 0.5 }))),
      exhale('Carry it to the {side}; the weight goes along.', to(stand(20, both(round('navel', 0, 8)), { weight: 0.74, trunk: { turn: 26 } }))),
    ],
    smaller: { change: 'Half the turn, weight in the middle.', cycle: [inhale('The ball before the belly.', to(stand(9, both(round('navel', 0, 8))))), exhale('Carry it a little to the {side}.', to(stand(10, both(round('navel', 0, 8)), { trunk: { turn: 12 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated, the ball before the belly.', to(sit(both(round('navel', 2, 8))))), exhale('Carry it to the {side}, over the thigh.', to(sit(both(round('navel', 2, 8)), { trunk: { turn: 18 } })))] },
  }),
  using('ball', {
    id: 'ball-rolled-over', name: 'Ball turned between two palms', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], phases: ['fire', 'earth'], organs: ['heart', 'pericardium'], channels: along('attend', 'PC', 'HT', 'TE'), points: ['PC8', 'HT8'], sides: 'alternating', pace: 'flowing', repetitions: { least: 2, usual: 5, most: 12, multipleOf: 1 }, loosens: ['wrists'],
    images: ['Sun over the ball, moon under it, and they change places.'], mistakes: [{ mistake: 'the ball jumps', mend: 'Roll it; one palm is always its floor.' }],
    cycle: [
      inhale('The ball lies on the {other} palm, the {side} one comes over it.', to(stand(10, each(before('solar plexus', 0, 4.6, 10, 'down', 'in'), before('solar plexus', 0, -4.6, 10, 'up', 'in'))))),
      exhale('They roll it between them and let it sink.', to(stand(16, each(before('navel', 0, 5.4, 10, 'down', 'in'), before('navel', 0, -3.6, 10, 'up', 'in'))))),
    ],
    smaller: { change: 'Without sinking.', cycle: [inhale('The ball on the {other} palm, the {side} one over it.', to(stand(8, each(before('solar plexus', 0, 4.4, 9, 'down', 'in'), before('solar plexus', 0, -4.4, 9, 'up', 'in'))))), exhale('Roll it a little between them.', to(stand(9, each(before('solar plexus', 0.6, 4, 9, 'down', 'in'), before('solar plexus', 0.6, -4.4, 9, 'up', 'in')))))] },
    seated: { change: 'From the lap.', cycle: [inhale('Seated: the ball on the {other} palm, the {side} one over it.', to(sit(each(before('solar plexus', 0, 4.4, 9, 'down', 'in'), before('solar plexus', 0, -4.4, 9, 'up', 'in'))))), exhale('They roll it between them and let it rest.', to(sit(each(before('navel', 0, 6.4, 9, 'down', 'in'), before('navel', 0, -2.2, 9, 'up', 'in')))))] },
  }),
  using('staff', {
    id: 'staff-lifted', name: 'Staff lifted and lowered', family: 'flowing pair', roles: ['loosen', 'nourish'], actions: ['moves'], polarity: 'yang', phases: ['fire', 'metal'], organs: ['lung', 'triple-burner'], channels: along('stretch', 'TE', 'LU', 'LI'), points: ['TE5'], pace: 'flowing', repetitions: { least: 3, usual: 6, most: 12, multipleOf: 1 }, loosens: ['shoulders', 'spine'],
    images: ['The beam of a gate, lifted off its posts by two people at once.'], mistakes: [{ mistake: 'the low back hollows', mend: 'Stop where the ribs begin to flare; the staff need not go further.' }],
    cycle: [
      inhale('Hold the staff wide; lift it over the head.', to(stand(8, both(overhead(0.3))))),
      exhale('Lower it in front to the thighs, the knees give.', to(stand(20, both(grip('groin', 3, -3, 4))))),
    ],
    smaller: { change: 'To the height of the breast.', cycle: [inhale('Lift the staff to the breast.', to(stand(7, both(grip('middle dantian', 9, 0, 9))))), exhale('Lower it to the thighs.', to(stand(10, both(grip('groin', 3, -3, 4)))))] },
    seated: { change: 'From the thighs.', cycle: [inhale('Seated: lift the staff to the breast and a little over.', to(sit(both({ ...reaching(0.5, 0.35, 1, 'down', 0.82), shape: 'loose fist' })))), exhale('Lower it to the thighs.', to(sit(both(grip('thigh', 2, 0, 2)))))] },
  }),
  using('staff', {
    id: 'staff-turned', name: 'Staff carried round', family: 'twist and bend', roles: ['loosen', 'nourish'], actions: ['moves', 'clears'], polarity: 'yang', phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('stretch', 'GB', 'LR'), points: ['GB26'], sides: 'alternating', pace: 'turning', repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, loosens: ['spine', 'hips', 'shoulders'],
    images: ['A milkmaid’s yoke, and a good deal to look at on both sides.'], mistakes: [{ mistake: 'the hips go first', mend: 'They stay with the feet; the breastbone turns the staff.' }], cautions: ['Room for the staff on every side; nobody within a staff’s length.'],
    cycle: [
      inhale('The staff level before the breast; grow tall.', to(stand(12, both(grip('middle dantian', 9, 0, 10))))),
      exhale('Breastbone and staff turn to the {side}.', to(stand(16, both(grip('middle dantian', 9, 0, 10)), { trunk: { turn: 30 } }))),
    ],
    smaller: { change: 'The staff lower, half the turn.', cycle: [inhale('The staff before the navel; grow tall.', to(stand(9, both(grip('navel', 8, 0, 9))))), exhale('It turns a little to the {side}.', to(stand(10, both(grip('navel', 8, 0, 9)), { trunk: { turn: 14 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated, the staff before the breast; grow tall.', to(sit(both(grip('middle dantian', 9, -2, 9))))), exhale('Breastbone and staff turn to the {side}.', to(sit(both(grip('middle dantian', 9, -2, 9)), { trunk: { turn: 20 } })))] },
  }),
  using('staff', {
    id: 'staff-dips', name: 'Staff dips like an oar', family: 'twist and bend', roles: ['loosen', 'nourish'], actions: ['moves'], phases: ['wood', 'water'], organs: ['gallbladder', 'kidney'], channels: along('stretch', 'GB', 'TE'), points: ['GB25', 'GB26'], sides: 'alternating', pace: 'flowing', footwork: 'The weight goes along from foot to foot; both stay down.', repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, loosens: ['spine', 'shoulders'],
    images: ['One oar in the water, one dripping in the light.'], mistakes: [{ mistake: 'leaning forward', mend: 'Between two panes of glass: sideways only.' }],
    cycle: [
      inhale('The staff level before the breast, in the middle.', to(stand(12, both(grip('middle dantian', 9, 0, 10)), { weight: 0.5 }))),
      exhale('Its {side} end dips; the other flank opens.', to(stand(18, each(grip('navel', 8, 0, 10), grip('middle dantian', 9, 5, 10)), { weight: 0.64, trunk: { bend: 12 } }))),
    ],
    smaller: { change: 'A small dip, the weight in the middle.', cycle: [inhale('The staff level before the ribs.', to(stand(9, both(grip('solar plexus', 8, 0, 9))))), exhale('Its {side} end dips a little.', to(stand(10, each(grip('navel', 8, 0, 9), grip('solar plexus', 8, 3, 9)), { trunk: { bend: 5 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated, the staff level before the breast.', to(sit(both(grip('middle dantian', 9, -2, 9))))), exhale('Its {side} end dips; the other flank opens.', to(sit(each(grip('solar plexus', 8, -2, 9), grip('middle dantian', 9, 3, 9)), { trunk: { bend: 9 } })))] },
  }),
  using('staff', {
    id: 'staff-rolled-down', name: 'Staff rolled down the thighs', family: 'twist and bend', roles: ['loosen', 'clear', 'nourish'], actions: ['moves', 'clears'], phases: ['water'], organs: ['kidney', 'bladder'], channels: along('stretch', 'BL', 'KI'), points: ['BL40'], pace: 'flowing', repetitions: { least: 2, usual: 3, most: 6, multipleOf: 1 }, loosens: ['hips', 'spine'],
    images: ['A rolling pin, and plenty of flour.'], mistakes: [{ mistake: 'the head hangs first', mend: 'The hips go back, the knees give, the head comes last.' }], view: 'three-quarter',
    cycle: [
      inhale('Tall, the staff high across the thighs.', to(stand(14, both(grip('thigh', 1, 8, 1.6)), { trunk: { lean: 3 } }))),
      exhale('Roll it down the thighs to the knees; the hips go back.', to(stand(34, both(grip('knee', 1, 2.5, 1.4)), { trunk: { lean: 50, round: 18 } }))),
    ],
    smaller: { change: 'To the middle of the thighs.', cycle: [inhale('Tall, the staff high across the thighs.', to(stand(12, both(grip('thigh', 1, 8, 1.6)), { trunk: { lean: 3 } }))), exhale('Roll it a little way down; the hips go back.', to(stand(20, both(grip('thigh', 1, 3, 1.4)), { trunk: { lean: 32, round: 8 } })))] },
    seated: { change: 'From the lap to the knees.', cycle: [inhale('Seated, the staff across the thighs.', to(sit(both(grip('thigh', 1, 2, 1.2))))), exhale('Roll it to the knees; the back follows.', to(sit(both(grip('knee', 1, 0.5, 1.4)), { trunk: { lean: 16, round: 8 } })))] },
  }),
  using('partner', {
    id: 'pair-palms-breathe', name: 'Two pairs of palms breathe', family: 'flowing pair', roles: ['nourish', 'arrive', 'balance'], actions: ['nourishes', 'calms'], phases: ['fire'], organs: ['heart', 'pericardium'], channels: along('attend', 'PC', 'HT'), points: ['PC8'], pace: 'flowing', repetitions: { least: 3, usual: 6, most: 18, multipleOf: 1 }, loosens: ['shoulders'],
    images: ['Two doors on one courtyard, opened to the same wind.', 'Warm air between four hands.'], mistakes: [{ mistake: 'one of the two is in a hurry', mend: 'Breathe with the slower one.' }], cautions: ['Whoever would rather not be touched keeps a hand’s breadth of air.'], view: 'side',
    cycle: [
      inhale('Palms face your partner’s; draw back to your own breast.', to(stand(12, both(before('middle dantian', 5, 0, 6, 'forward', 'up')), { along: 0.34 }))),
      exhale('Palms go forward to your partner’s; they hardly touch.', to(stand(18, both(onWall(-1, -1, 0.6)), { along: 0.62 }))),
    ],
    smaller: { change: 'The air between the palms grows, and thins.', cycle: [inhale('Palms face your partner’s; draw a little back.', to(stand(9, both(onWall(-1, -2, 4))))), exhale('Come nearer, as far as both like.', to(stand(10, both(onWall(-1, -2, 2)))))] },
    seated: { change: 'Two chairs, knees not quite touching.', cycle: [inhale('Seated, palms face your partner’s; draw back to your breast.', to(sit(both(before('middle dantian', 5, -1, 6, 'forward', 'up'))))), exhale('Palms go forward to your partner’s; they hardly touch.', to(sit(both(onWall(-1, -2, 0.6)), { trunk: { lean: 3 } })))] },
  }),
  using('partner', {
    id: 'pair-millstone', name: 'Millstone of two', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'], phases: ['earth', 'wood'], organs: ['spleen', 'liver'], channels: along('attend', 'SP', 'GB', 'PC'), points: ['PC8', 'GB26'], sides: 'alternating', pace: 'turning', repetitions: { least: 2, usual: 6, most: 12, multipleOf: 1 }, loosens: ['spine', 'shoulders'], level: 2,
    images: ['One stone, two millers, and nobody pushes.'], mistakes: [{ mistake: 'pushing against each other', mend: 'Where your partner comes, you go; the palms only keep in touch.' }], cautions: ['Nobody pushes: the palms listen. Either of the two may end it.'], view: 'side',
    parts: [{ part: 'palms to palms, standing still', watch: 'elbows heavy' }, { part: 'one turns, the other follows', watch: 'the waist, not the arms' }, { part: 'nobody leads', watch: 'the same breath' }],
    cycle: [
      inhale('Palms to palms, level; both grow tall.', to(stand(12, both(onWall(-1, -2, 2))))),
      exhale('The {side} palm goes out, the {other} one gives way; the waist turns.', to(stand(18, each(onWall(-1, -2, -0.6), onWall(-1, -2, 4.6)), { trunk: { turn: -14 } }))),
    ],
    smaller: { change: 'With air between the palms, half as far.', cycle: [inhale('Palms before palms, a little air between.', to(stand(9, both(onWall(-1, -3, 3))))), exhale('The {side} palm goes a little out, the {other} gives way.', to(stand(10, each(onWall(-1, -3, 1.6), onWall(-1, -3, 4.4)), { trunk: { turn: -7 } })))] },
    seated: { change: 'Two chairs, knees not quite touching.', cycle: [inhale('Seated, palms to palms, level.', to(sit(both(onWall(-1, -3, 2))))), exhale('The {side} palm goes out, the {other} gives way.', to(sit(each(onWall(-1, -3, 0.4), onWall(-1, -3, 3.6)), { trunk: { turn: -10 } })))] },
  }),
  using('partner', {
    id: 'pair-rise-and-sink', name: 'Two rise and sink together', family: 'flowing pair', roles: ['nourish', 'gather', 'arrive'], actions: ['calms', 'nourishes'], phases: ['water', 'fire'], organs: ['kidney', 'heart'], channels: along('attend', 'KI', 'HT'), points: ['PC8', 'KI1'], pace: 'flowing', repetitions: { least: 3, usual: 6, most: 12, multipleOf: 1 }, loosens: ['knees', 'shoulders'],
    images: ['Two boats in one lock.'], mistakes: [{ mistake: 'one pulls the other down', mend: 'The higher one sets the depth.' }], cautions: ['The depth is that of whoever wants it higher.'], view: 'side',
    cycle: [
      inhale('Palm to palm with your partner, let the hands float up.', to(stand(8, both(onWall(-1, 1, 1))))),
      exhale('Together, palms and knees sink.', to(stand(28, both({ near: 'opposite', off: [-1, -8, 1], palm: 'forward', fingers: 'up', elbow: 'low' })))),
    ],
    smaller: { change: 'Only the hands.', cycle: [inhale('Palms before your partner’s palms float up.', to(stand(8, both(onWall(-1, -2, 2))))), exhale('Together they sink; the knees are soft.', to(stand(11, both(onWall(-1, -7, 2)))))] },
    seated: { change: 'Two chairs, knees not quite touching.', cycle: [inhale('Seated, palm to palm, let the hands float up.', to(sit(both(onWall(-1, 0, 1))))), exhale('Together they sink towards the laps.', to(sit(both(onWall(-1, -7, 1)))))] },
  }),
  using('ring', {
    id: 'ring-palms', name: 'Ring of palms', family: 'standing posture', roles: ['arrive', 'still', 'nourish', 'close'], actions: ['calms', 'nourishes'], polarity: 'yin', phases: ['fire', 'earth'], organs: ['heart', 'spleen'], channels: along('attend', 'PC', 'HT', 'SP'), points: ['PC8'], pace: 'inner', manner: 'natural', repetitions: { least: 2, usual: 5, most: 18, multipleOf: 1 }, setupSec: { known: 10, taught: 20 }, settleSec: 5,
    images: ['Beads on one thread.', 'A fire in the middle, and a place for everybody.'], mistakes: [{ mistake: 'leaning on a neighbour', mend: 'Each stands on their own feet; the palms only greet.' }], cautions: ['Whoever would rather not be touched keeps a hand’s breadth of air.'],
    cycle: [
      inhale('One palm up, one down, to your neighbours’; the ring fills.', to(stand(10, palmsOnNeighbours()))),
      exhale('Let it go round, and let the shoulders hang.', to(stand(13, palmsOnNeighbours(0, -0.6)))),
    ],
    smaller: { change: 'Hands hanging; only the ring is felt.', cycle: [inhale('Hands hang; feel who stands beside you.', to(stand(8, both(HANGING)))), exhale('Let the shoulders hang.', to(stand(10, both(HANGING))))] },
    seated: { change: 'Chairs in a ring.', cycle: [inhale('Seated: one palm up, one down, beside your neighbours’.', to(sit(palmsOnNeighbours(-1, -1)))), exhale('Let it go round.', to(sit(palmsOnNeighbours(-1, -1.6))))] },
  }),
  using('ring', {
    id: 'ring-sways', name: 'The ring sways', family: 'flowing pair', roles: ['loosen', 'balance', 'nourish'], actions: ['moves', 'calms'], phases: ['earth', 'water'], organs: ['spleen', 'kidney'], channels: along('attend', 'SP', 'KI'), points: ['KI1'], sides: 'alternating', pace: 'turning', footwork: 'The weight goes from foot to foot; both stay down.', repetitions: { least: 2, usual: 5, most: 12, multipleOf: 1 }, loosens: ['ankles', 'hips'],
    images: ['Reeds round a pond, and one wind.'], mistakes: [{ mistake: 'someone is pulled along', mend: 'Palms only; nobody holds on.' }], cautions: ['Nobody holds on: whoever wobbles lets go at once.'],
    cycle: [
      inhale('In the middle, palms beside your neighbours’.', to(stand(12, palmsOnNeighbours(), { weight: 0.5 }))),
      exhale('The whole ring pours its weight to the {side}.', to(stand(16, palmsOnNeighbours(), { weight: 0.62 }))),
    ],
    smaller: { change: 'Hands hanging, half the way.', cycle: [inhale('In the middle, hands hanging.', to(stand(9, both(HANGING), { weight: 0.5 }))), exhale('A little weight to the {side}, all together.', to(stand(11, both(HANGING), { weight: 0.62 })))] },
    seated: { change: 'Chairs in a ring.', cycle: [inhale('Seated in the middle, palms to your neighbours’.', to(sit(palmsOnNeighbours(-1, -1), { weight: 0.5 }))), exhale('The whole ring leans its weight to the {side}.', to(sit(palmsOnNeighbours(-1, -1), { weight: 0.66 })))] },
  }),
  using('ring', {
    id: 'ring-rises', name: 'The ring opens and gathers', family: 'gathering', roles: ['gather', 'close', 'nourish'], actions: ['nourishes', 'calms'], phases: ['earth', 'fire'], organs: ['spleen', 'heart'], channels: along('attend', 'CV', 'PC'), points: ['CV6', 'PC8'], pace: 'gathering', repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['shoulders'],
    images: ['A flower that closes in the evening, and every petal comes home.'], mistakes: [{ mistake: 'the arms are thrown up', mend: 'As slowly as the slowest neighbour.' }],
    cycle: [
      inhale('Everybody’s arms open and rise to shoulder height.', to(stand(8, both(reaching(1, 0, 0.35, 'forward', 0.86))))),
      exhale('Everybody gathers it in, and down to the lower belly.', to(stand(16, both(before('lower dantian', 2.4, 0, 1.2))))),
    ],
    smaller: { change: 'Arms no higher than the belly.', cycle: [inhale('Everybody’s arms open low.', to(stand(8, both(reaching(0.8, -0.8, 0.5, 'up', 0.82))))), exhale('Gather it in to the lower belly.', to(stand(10, both(before('lower dantian', 2.4, 0, 1.2)))))] },
    seated: { change: 'Chairs in a ring.', cycle: [inhale('Seated: everybody’s arms open.', to(sit(both(reaching(0.9, -0.4, 0.5, 'up', 0.82))))), exhale('Everybody gathers it in, and down to the lower belly.', to(sit(both(before('lower dantian', 2.4, 0.6, 1.2)))))] },
  }),
] as const;
