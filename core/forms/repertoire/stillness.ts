import { defineForm } from '../writing/define';
import { BEFORE_BELLY, BEFORE_CHEST, both, ON_BELLY } from '../writing/postures';
import { exhale, freely, inhale, to } from '../writing/strokes';

// prettier-ignore
export const STILLNESS = [
  defineForm({
    id: 'hold-embrace-chest', name: 'Embracing at the chest', pinyin: 'Chēng Bào', hanzi: '撐抱', family: 'standing posture',
    roles: ['still'], actions: ['nourishes', 'calms'], polarity: 'yin',
    channels: [{ channel: 'PC', how: 'attend' }, { channel: 'LU', how: 'attend' }], points: ['CV17', 'PC8'], phases: ['metal', 'fire'],
    organs: ['lung', 'pericardium'], pace: 'inner', manner: 'natural', settleSec: 4, setupSec: { known: 6, taught: 20 },
    repetitions: { least: 2, usual: 4, most: 30, multipleOf: 1 }, asks: { staticHold: true },
    images: ['A big paper lantern between the arms.'],
    mistakes: [{ mistake: 'shoulders creep up', mend: 'Lower the ball until they hang again.' }],
    cautions: ['Lower the arms whenever they tire; the hold is offered, never required.'], view: 'three-quarter',
    entry: [
      freely(5, 'Arms round as if holding a large ball at the chest.', to({ sink: 24, hands: both(BEFORE_CHEST) })),
    ],
    cycle: [
      inhale('The ball grows a little.', to({ sink: 22, hands: both({ ...BEFORE_CHEST, off: [5.5, -1, 12.5] }) })),
      exhale('Elbows and breath sink.', to({ sink: 26, hands: both(BEFORE_CHEST) })),
    ],
    exit: [
      freely(5, 'Let the arms come down slowly.', to({ sink: 10 })),
    ],
    smaller: {
      change: 'Hold the ball at the height of the navel.', asks: { staticHold: false },
      entry: [
        freely(5, 'Arms round as if holding a ball before the navel.'),
      ],
      cycle: [
        inhale('The ball at the navel grows a little.', to({ sink: 14, hands: both({ ...BEFORE_CHEST, near: 'navel', off: [5.5, 1, 10.5] }) })),
        exhale('Elbows and breath sink.', to({ sink: 16, hands: both({ ...BEFORE_CHEST, near: 'navel', off: [5, 1, 10] }) })),
      ],
    },
    seated: {
      change: 'From the chair, elbows supported by the sides.', asks: { staticHold: false },
      entry: [
        freely(5, 'Elbows by the sides, hands round a ball.'),
      ],
      cycle: [
        inhale('Elbows at rest, the ball grows a little.', to({ base: 'chair', hands: both({ ...BEFORE_CHEST, elbow: 'low', off: [5.5, -2, 10] }) })),
        exhale('Shoulders and breath sink.', to({ base: 'chair', hands: both({ ...BEFORE_CHEST, elbow: 'low', off: [5, -2, 9] }) })),
      ],
    },
  }),
  defineForm({
    id: 'hold-embrace-belly', name: 'Embracing at the lower belly', family: 'standing posture', roles: ['still'],
    actions: ['nourishes', 'calms'], polarity: 'yin',
    channels: [{ channel: 'KI', how: 'attend' }, { channel: 'CV', how: 'attend' }, { channel: 'SP', how: 'attend' }],
    points: ['CV6', 'GV4', 'KI1'], phases: ['water', 'earth'], organs: ['kidney', 'spleen'], pace: 'inner', manner: 'natural', settleSec: 4,
    setupSec: { known: 6, taught: 20 }, repetitions: { least: 2, usual: 4, most: 30, multipleOf: 1 },
    images: ['Warming the hands at a low stove.'], mistakes: [{ mistake: 'leaning back', mend: 'Weight in the middle of the feet.' }],
    cautions: ['The hold is offered, never required; move whenever you need.'], view: 'three-quarter',
    entry: [
      freely(5, 'Arms round before the lower belly, palms in.', to({ sink: 22, hands: both(BEFORE_BELLY) })),
    ],
    cycle: [
      inhale('The belly fills toward the palms.', to({ sink: 20, hands: both({ ...BEFORE_BELLY, off: [4.5, 0, 9] }) })),
      exhale('It settles; the feet grow heavy.', to({ sink: 24, hands: both(BEFORE_BELLY) })),
    ],
    exit: [
      freely(4, 'Hands come to rest.', to({ sink: 10 })),
    ],
    smaller: {
      change: 'Hands rest on the belly.',
      entry: [
        freely(5, 'Lay both hands on the lower belly.'),
      ],
      cycle: [
        inhale('The belly fills under the hands.', to({ sink: 12, hands: both(ON_BELLY) })),
        exhale('It settles; the feet grow heavy.', to({ sink: 14, hands: both(ON_BELLY) })),
      ],
    },
    seated: {
      change: 'From the chair, hands before or on the belly.',
      entry: [
        freely(5, 'Hands before the lower belly, or on it.'),
      ],
      cycle: [
        inhale('Sitting tall, the belly fills toward the palms.', to({ base: 'chair', hands: both({ ...BEFORE_BELLY, off: [4, 3, 7] }) })),
        exhale('It settles; the seat grows heavy.', to({ base: 'chair', hands: both({ ...BEFORE_BELLY, off: [4, 3, 6] }) })),
      ],
    },
  }),
] as const;
