import type { ChannelId, PointCode, RouteStop } from '../../channels';
import type { OrganId, PhaseId } from '../../phases';
import type { Form, Stroke } from '../model/model';
import { defineForm } from '../writing/define';
import { exhale, freely, inhale } from '../writing/strokes';
import type { ArmRoute, LegRoute } from './routes';
import {
  ARM_TAPPED,
  armRoute,
  BLADDER_KIDNEY,
  GALLBLADDER_LIVER,
  hollowed,
  LEGS_TAPPED,
  STOMACH_SPLEEN,
} from './routes';

/** What is the same in every tracing form: hands follow the yang line out or down and the yin line home. */
interface Tracing {
  readonly id: string;
  readonly name: string;
  readonly phase: PhaseId;
  readonly organs: readonly [OrganId, OrganId];
  readonly channels: readonly [ChannelId, ChannelId];
  readonly points: readonly PointCode[];
  readonly route: readonly RouteStop[];
  readonly limb: 'arm' | 'leg';
  readonly cycle: readonly Stroke[];
  readonly image: string;
  readonly smallerCycle: readonly Stroke[];
  readonly seatedCycle: readonly Stroke[];
}

// prettier-ignore
function tracing(text: Tracing): Form {
  const leg = text.limb === 'leg';
  return defineForm({
    id: text.id, name: text.name, family: 'channel tracing', roles: ['clear'], actions: ['clears', 'moves'],
    phases: [text.phase], organs: [...text.organs],
    channels: text.channels.map((channel) => ({ channel, how: 'trace' as const })), points: [...text.points], route: [...text.route],
    sides: leg ? 'symmetric' : 'alternating', pace: leg ? 'leg-tracing' : 'arm-tracing', exhale: 'mouth', settleSec: 5,
    view: 'three-quarter',
    cycle: [...text.cycle],
    repetitions: { least: leg ? 2 : 1, usual: 3, most: 9, multipleOf: 1 },
    loosens: leg ? ['hips'] : [],
    images: [text.image],
    mistakes: [
      { mistake: 'rushing past the joints', mend: 'Let the palm slow down at each bend.' },
      ...(leg ? [{ mistake: 'dropping the head to reach the feet', mend: 'Bend the knees and go only as low as is easy.' }] : []),
    ],
    cautions: leg ? ['Rise slowly from the fold, head last.'] : [],
    smaller: leg
      ? { change: 'Trace only to the knees and let the attention go on to the feet.', cycle: [...text.smallerCycle] }
      : { change: 'Trace a hand’s breadth above the sleeve, without touching.', cycle: [...text.smallerCycle] },
    seated: { change: leg ? 'From the chair, as far down the leg as is easy.' : 'The same from the chair.', cycle: [...text.seatedCycle] },
  });
}

const legTracing = (
  route: LegRoute,
  down: string,
  up: string,
  rest = 'Hands rest, letting go.',
): readonly Stroke[] => [
  inhale('Palms gather at the start of the line.', route.start),
  exhale(down, route.down),
  inhale(up, route.up),
  exhale(rest, route.rest),
];
/** Without a route of its own a way goes along that of the full form. */
const armTracing = (down: string, up: string, route?: ArmRoute): readonly Stroke[] => [
  inhale(up, route?.up),
  exhale(down, route?.down),
];

// prettier-ignore
export const CLEARING = [
  defineForm({
    id: 'tap-arms', name: 'Tapping the arms', family: 'percussion route', roles: ['clear', 'wake'], actions: ['clears', 'moves'],
    polarity: 'yang', phases: ['metal', 'fire'],
    organs: ['lung', 'large-intestine', 'heart', 'pericardium', 'small-intestine', 'triple-burner'],
    channels: [{ channel: 'LU', how: 'tap' }, { channel: 'PC', how: 'tap' }, { channel: 'HT', how: 'tap' }, { channel: 'LI', how: 'tap' }, { channel: 'TE', how: 'tap' }, { channel: 'SI', how: 'tap' }],
    points: ['LU1', 'PC8', 'LI4'],
    route: ['collarbone point', 'inner upper arm', 'inner elbow', 'inner wrist', 'palm', 'back of the hand', 'outer wrist', 'outer elbow', 'outer upper arm', 'back of the shoulder'],
    sides: 'alternating', pace: 'flowing', manner: 'natural', exhale: 'mouth', settleSec: 12,
    repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, asks: { percussion: ['arms', 'shoulders', 'chest'] },
    images: ['Beating dust from a rug, lightly.'],
    mistakes: [{ mistake: 'up the inside', mend: 'Inside goes down to the hand; outside comes up.' }],
    cautions: ['Pat with a hollow palm; never into pain, a port, a line or a device.'], view: 'three-quarter',
    cycle: [
      freely(4, 'Pat down the inside of the {side} arm, chest to palm.', ARM_TAPPED.down),
      freely(4, 'Turn the hand, pat up the outside to the shoulder.', ARM_TAPPED.up),
    ],
    smaller: {
      name: 'Stroking the arms', change: 'Stroke instead of patting.', asks: { percussion: [] },
      cycle: [
        freely(4, 'Stroke down the inside of the {side} arm.'),
        freely(4, 'Stroke up the outside to the shoulder.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'tap-legs', name: 'Tapping the legs', family: 'percussion route', roles: ['clear', 'wake'], actions: ['clears', 'moves'],
    polarity: 'yang', phases: ['earth', 'wood', 'water'], organs: ['stomach', 'spleen', 'gallbladder', 'liver', 'bladder', 'kidney'],
    channels: [{ channel: 'GB', how: 'tap' }, { channel: 'BL', how: 'tap' }, { channel: 'ST', how: 'tap' }, { channel: 'LR', how: 'tap' }, { channel: 'SP', how: 'tap' }, { channel: 'KI', how: 'tap' }],
    points: ['GB30', 'ST36'],
    route: ['buttock', 'outer thigh', 'outer knee', 'outer lower leg', 'outer ankle', 'inner ankle', 'inner lower leg', 'inner knee', 'inner thigh', 'groin', 'lower belly'],
    pace: 'fold', manner: 'natural', exhale: 'mouth', settleSec: 12, repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 },
    asks: { percussion: ['legs', 'belly'] }, loosens: ['hips'], images: ['Rain running down a roof, mist rising from the ground.'],
    mistakes: [{ mistake: 'bending with straight knees', mend: 'Sit back a little as you go down.' }],
    cautions: ['Pat with a hollow palm. Not over varicose veins, clots or fresh bruises. Rise slowly, head last.'], view: 'three-quarter',
    cycle: [
      freely(7, 'Pat down the outside and back of both legs to the ankles.', hollowed(LEGS_TAPPED.full.down)),
      freely(7, 'Pat up the insides to the belly.', hollowed(LEGS_TAPPED.full.up)),
    ],
    smaller: {
      change: 'Only thighs, standing upright.', asks: { percussion: ['legs'] },
      cycle: [
        freely(5, 'Pat down the outside of the thighs.', hollowed(LEGS_TAPPED.smaller.down)),
        freely(5, 'Pat up the insides.', hollowed(LEGS_TAPPED.smaller.up)),
      ],
    },
    seated: {
      change: 'From the chair, as far as the knees.', asks: { percussion: ['legs'] },
      cycle: [
        freely(5, 'Pat down the outside of the thighs.', hollowed(LEGS_TAPPED.seated.down)),
        freely(5, 'Pat up the insides.', hollowed(LEGS_TAPPED.seated.up)),
      ],
    },
  }),
  tracing({
    id: 'trace-lung-large-intestine', name: 'Tracing Lung and Large Intestine', phase: 'metal', organs: ['lung', 'large-intestine'],
    channels: ['LU', 'LI'], points: ['LU1', 'LU9', 'LI4'],
    route: ['LU1', 'LU5', 'LU9', 'thumb', 'index finger', 'outer wrist', 'LI11', 'LI15', 'beside the nose'], limb: 'arm',
    image: 'Brushing autumn leaves from a sleeve.',
    cycle: armTracing('Smooth down the thumb side to the {side} thumb.', 'Palm up the outer {side} arm, finger to nose side.', armRoute(0.8, 'open')),
    smallerCycle: armTracing('It floats down the thumb side to the {side} thumb.', 'A palm floats up over the outer {side} arm, not touching.'),
    seatedCycle: armTracing('Smooth down the thumb side to the {side} thumb.', 'Palm up the outer {side} arm to the shoulder.'),
  }),
  tracing({
    id: 'trace-heart-small-intestine', name: 'Tracing Heart and Small Intestine', phase: 'fire', organs: ['heart', 'small-intestine'],
    channels: ['HT', 'SI'], points: ['HT7', 'HT8'], route: ['armpit', 'HT3', 'HT7', 'little finger', 'SI5', 'SI8', 'SI10', 'SI16'],
    limb: 'arm', image: 'Letting a warm ribbon run through the hand.',
    cycle: armTracing('Smooth from the armpit down to the {side} little finger.', 'Palm up the back edge of the {side} arm.', armRoute(-0.8, 'open')),
    smallerCycle: armTracing('It floats down from the armpit to the {side} little finger.', 'A palm floats up over the back edge of the {side} arm.'),
    seatedCycle: armTracing('Smooth from the armpit down to the {side} little finger.', 'Palm up the back edge of the {side} arm.'),
  }),
  tracing({
    id: 'trace-pericardium-triple-burner', name: 'Tracing Pericardium and Triple Burner', phase: 'fire',
    organs: ['pericardium', 'triple-burner'], channels: ['PC', 'TE'], points: ['PC8'],
    route: ['PC1', 'PC2', 'PC3', 'PC7', 'palm', 'back of the hand', 'TE4', 'TE10', 'TE14'], limb: 'arm',
    image: 'Opening the shutters in the middle of a house.',
    cycle: armTracing('Smooth down the middle of the inner {side} arm to the palm.', 'Palm up the middle of the outer {side} arm.', armRoute(0, 'open')),
    smallerCycle: armTracing('It floats down over the inner {side} arm to the palm.', 'A palm floats up over the middle of the outer {side} arm.'),
    seatedCycle: armTracing('Smooth down the middle of the inner {side} arm to the palm.', 'Palm up the middle of the outer {side} arm.'),
  }),
  tracing({
    id: 'trace-spleen-stomach', name: 'Tracing Stomach and Spleen', phase: 'earth', organs: ['spleen', 'stomach'], channels: ['ST', 'SP'],
    points: ['ST36', 'SP6', 'SP21'],
    route: ['ST16', 'ST21', 'ST28', 'ST32', 'ST36', 'ST42', 'ST45', 'big toe', 'SP6', 'SP9', 'SP11', 'SP14', 'SP21'], limb: 'leg',
    image: 'Smoothing a long field before sowing.',
    cycle: legTracing(STOMACH_SPLEEN.full, 'Smooth down the front of body and legs to the second toes.', 'Draw up the inner legs to the belly and flanks.'),
    smallerCycle: legTracing(STOMACH_SPLEEN.smaller, 'Smooth down the front of body and thighs to the knees.', 'Draw up the inner thighs to the belly and flanks.', 'Hands rest; the attention goes on to the feet.'),
    seatedCycle: legTracing(STOMACH_SPLEEN.seated, 'Smooth down the front of body and thighs.', 'Draw up the inner thighs to the flanks.'),
  }),
  tracing({
    id: 'trace-kidney-bladder', name: 'Tracing Bladder and Kidney', phase: 'water', organs: ['kidney', 'bladder'], channels: ['BL', 'KI'],
    points: ['BL23', 'BL40', 'KI1', 'KI27'],
    route: ['BL23', 'BL31', 'back of the thigh', 'back of the knee', 'calf', 'BL60', 'little toe', 'sole', 'KI3', 'KI10', 'KI11', 'KI27'],
    limb: 'leg', image: 'A mountain stream down, a spring rising.',
    cycle: legTracing(BLADDER_KIDNEY.full, 'Smooth down the back and the backs of the legs.', 'Up from the soles by the inner legs to the collarbones.'),
    smallerCycle: legTracing(BLADDER_KIDNEY.smaller, 'Smooth down the back and the backs of the thighs.', 'Draw up from the inner knees to the collarbones.', 'Hands rest; the attention goes on to the soles.'),
    seatedCycle: legTracing(BLADDER_KIDNEY.seated, 'Smooth over the low back and down under the thighs.', 'Draw up the inner thighs to the collarbones.'),
  }),
  tracing({
    id: 'trace-liver-gallbladder', name: 'Tracing Gallbladder and Liver', phase: 'wood', organs: ['liver', 'gallbladder'],
    channels: ['GB', 'LR'], points: ['GB26', 'LR14'],
    route: ['GB24', 'GB26', 'outer hip', 'outer thigh', 'outer knee', 'outer lower leg', 'GB40', 'toes', 'big toe', 'LR4', 'LR8', 'groin', 'LR14'],
    limb: 'leg', image: 'Wind running down through long grass, new shoots rising.',
    cycle: legTracing(GALLBLADDER_LIVER.full, 'Smooth down the flanks and outer legs to the fourth toes.', 'Draw up from the big toes by the inner legs to the ribs.'),
    smallerCycle: legTracing(GALLBLADDER_LIVER.smaller, 'Smooth down the flanks and outer thighs to the knees.', 'Draw up from the inner knees to the ribs.', 'Hands rest; the attention goes on to the feet.'),
    seatedCycle: legTracing(GALLBLADDER_LIVER.seated, 'Smooth down the flanks and outer thighs.', 'Draw up the inner thighs to the ribs.'),
  }),
] as const;
