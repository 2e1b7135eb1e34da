import { along, breatheIn, breatheOut, defineForm, FLOWING_COUNT, type FormText } from '../define';
import type { Form } from '../model';

const GENTLE = { least: 2, usual: 4, most: 12, multipleOf: 1 } as const;

/** The gentle way keeps hands below the shoulders, knees soft and the breath unforced. */
const gentle = (text: Omit<FormText, 'family' | 'repetitions' | 'pace'> & Partial<FormText>): Form =>
  defineForm({
    family: 'brocade',
    polarity: 'yin',
    repetitions: GENTLE,
    pace: 'flowing',
    setupSec: { known: 5, taught: 18 },
    ...text,
  });

/** The eight brocades in the gentle yin way: the same eight aims, small, slow and inward. */
// prettier-ignore
export const GENTLE_BROCADES = [
  gentle({
    id: 'gentle-hold-up-the-sky', name: 'Gentle brocade: a bowl of sky', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['fire'], organs: ['triple-burner', 'pericardium', 'heart', 'small-intestine'],
    channels: along('attend', 'TE', 'PC'), points: ['CV17', 'CV12', 'CV6'], cycle: [breatheIn('Palms up, a bowl rises from belly to breastbone.'), breatheOut('Palms turn and the bowl is poured down.')],
    images: ['Carrying a bowl of sky without a ripple.'], mistakes: [{ mistake: 'lifting with the shoulders', mend: 'Let the wrists be drawn up by a thread.' }], smaller: { change: 'From the belly to the ribs.', cycle: [breatheIn('Palms up, a bowl rises from belly to ribs.'), breatheOut('Palms turn and the bowl is poured down.')] }, seated: { change: 'The same from the chair.' },
  }),
  gentle({
    id: 'gentle-draw-the-bow', name: 'Gentle brocade: the slack bow', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['metal'], organs: ['lung', 'large-intestine'], sides: 'alternating',
    channels: along('stretch', 'LU', 'LI'), points: ['LU1', 'LU9'], footwork: 'Both feet stay planted, weight even.', cycle: [breatheIn('Hands meet at the heart.'), breatheOut('{Side} palm drifts out, eyes follow; return.')],
    images: ['Drawing a silk thread out of its cocoon.'], mistakes: [{ mistake: 'reaching to the end', mend: 'Stop while the elbow still hangs.' }], smaller: { change: 'Half as wide.', cycle: [breatheIn('Hands meet at the heart.'), breatheOut('{Side} palm drifts half way out, eyes follow; return.')] }, seated: { change: 'The same from the chair.' },
  }),
  gentle({
    id: 'gentle-part-heaven-and-earth', name: 'Gentle brocade: two leaves', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['earth'], organs: ['spleen', 'stomach'], sides: 'alternating',
    channels: along('stretch', 'SP', 'ST'), points: ['CV12', 'SP21'], cycle: [breatheIn('{Side} palm floats up to the heart, {other} sinks.'), breatheOut('They pass each other at the navel.')],
    images: ['Two leaves turning over in slow water.'], mistakes: [{ mistake: 'only one hand moves', mend: 'Both arrive in the same moment.' }], smaller: { change: 'Between navel and ribs.', cycle: [breatheIn('{Side} palm floats up to the ribs, {other} rests at the navel.'), breatheOut('They pass each other.')] }, seated: { change: 'The same from the chair.' },
  }),
  gentle({
    id: 'gentle-look-back', name: 'Gentle brocade: looking over the lake', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], phases: ['wood', 'water'], organs: ['gallbladder', 'liver', 'bladder'], sides: 'alternating',
    channels: along('stretch', 'GB', 'BL'), points: ['GB20', 'GV14'], cycle: [breatheIn('Palms turn softly forward.'), breatheOut('Eyes, then head, drift to the {side}; return.')],
    images: ['Following a swan along the far shore.'], mistakes: [{ mistake: 'turning as far as it goes', mend: 'Half way is the whole of this form.' }], smaller: { change: 'Only the eyes travel.', cycle: [breatheIn('Palms turn softly forward.'), breatheOut('The eyes drift to the {side}, head quiet; return.')] }, seated: { change: 'The same from the chair.' },
  }),
  gentle({
    id: 'gentle-sway', name: 'Gentle brocade: reeds sway', roles: ['nourish', 'clear'], actions: ['clears', 'calms'], phases: ['fire'], organs: ['heart', 'small-intestine', 'pericardium'], sides: 'alternating', footwork: 'The weight moves softly from foot to foot, feet planted.',
    channels: along('attend', 'HT', 'SI'), points: ['HT8', 'KI1'], cycle: [breatheIn('Tall in the middle, hands on the hips.'), breatheOut('Shift to the {side} foot; the tail drifts away; return.')],
    images: ['Reeds leaning in a warm wind.'], mistakes: [{ mistake: 'the head leads', mend: 'Let the tailbone draw the curve.' }], smaller: { change: 'Only the weight moves.', cycle: [breatheIn('Tall in the middle, hands on the hips.'), breatheOut('Ease over to the {side} foot, the rest quiet; return.')] }, seated: { change: 'From one sitting bone to the other.', cycle: [breatheIn('Tall on both sitting bones, hands on the hips.'), breatheOut('Ease over to the {side} sitting bone; return.')] },
  }),
  gentle({
    id: 'gentle-heels', name: 'Gentle brocade: standing on moss', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], phases: ['water'], organs: ['bladder', 'kidney'], pace: 'heel', footwork: 'The weight moves to the balls of the feet and back; heels only lighten.',
    channels: along('attend', 'BL', 'KI'), points: ['KI1', 'GV20'], cycle: [breatheIn('Crown lifts; the heels grow light.'), breatheOut('The soles spread and sink in.')],
    images: ['Moss giving under bare feet.'], mistakes: [{ mistake: 'tiptoe', mend: 'A sheet of paper under the heels is enough.' }], smaller: { change: 'Only the attention goes to the heels.', cycle: [breatheIn('Crown lifts; the heels are felt.'), breatheOut('The heels are felt against the floor.')] }, seated: { name: 'Gentle brocade: resting on moss', change: 'From the chair, pressing the balls of the feet.', cycle: [breatheIn('The balls of the feet press a little.'), breatheOut('The soles spread and sink in.')] },
  }),
  gentle({
    id: 'gentle-clench-fists', name: 'Gentle brocade: the bud opens', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['wood'], organs: ['liver', 'gallbladder'], sides: 'alternating',
    channels: along('stretch', 'LR', 'GB'), points: ['LR3', 'LR14'], cycle: [breatheIn('Soft fists gather at the ribs.'), breatheOut('{Side} hand slides forward and uncurls; return.')],
    images: ['A fern uncurling.'], mistakes: [{ mistake: 'staring', mend: 'Eyes open wide and stay kind.' }], smaller: { change: 'The hand opens at the ribs.', cycle: [breatheIn('Soft fists gather at the ribs.'), breatheOut('{Side} hand uncurls there; close it again.')] }, seated: { change: 'The same from the chair.' },
  }),
  gentle({
    id: 'gentle-hands-to-feet', name: 'Gentle brocade: smoothing the legs', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['water'], organs: ['kidney', 'bladder'], repetitions: FLOWING_COUNT,
    channels: along('trace', 'BL', 'KI'), points: ['BL23', 'GV4'], cycle: [breatheIn('Palms warm the low back.'), breatheOut('They slide over the hips to the thighs; return.')],
    images: ['Smoothing a blanket towards the feet of a bed.'], mistakes: [{ mistake: 'bending to reach further', mend: 'The thighs are far enough.' }], smaller: { change: 'Palms stay on the low back.', cycle: [breatheIn('Palms warm the low back.'), breatheOut('They rest there and let it widen.')] }, seated: { change: 'The same from the chair.' },
  }),
];
