import { defineForm } from '../writing/define';
import { both, ON_THIGHS } from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

// prettier-ignore
export const ARRIVING = [
  defineForm({
    id: 'arrive-wuji', name: 'Standing in stillness', pinyin: 'Wú Jí', hanzi: '無極', family: 'standing posture', roles: ['arrive'],
    actions: ['calms'], polarity: 'yin', points: ['GV20', 'KI1', 'CV6'], channels: [{ channel: 'CV', how: 'attend' }], pace: 'inner',
    manner: 'natural', repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 },
    images: ['A willow: roots in the ground, crown drawn up by a thread.'],
    mistakes: [{ mistake: 'knees locked', mend: 'Unlock them as if about to sit on a high stool.' }, { mistake: 'chin pokes forward', mend: 'Let the back of the neck grow long.' }],
    entry: [
      freely(6, 'Feet under the hips, toes forward, knees soft.', to({ sink: 12 })),
    ],
    cycle: [
      inhale('Crown floats up.', to({ sink: 8 })),
      exhale('Shoulders and breath sink to the feet.', to({ sink: 15, head: { nod: 4 } })),
    ],
    seated: {
      name: 'Sitting in stillness', change: 'Sit on the front half of the chair, feet flat and hip-wide.',
      entry: [
        freely(6, 'Front half of the chair, feet flat, hip-wide.'),
      ],
      cycle: [
        inhale('Crown floats up, sitting bones heavy.'),
        exhale('Shoulders and breath sink to the feet.'),
      ],
    },
  }),
  defineForm({
    id: 'arrive-cleansing-breaths', name: 'Cleansing breaths', family: 'settling breath', roles: ['arrive'], actions: ['clears', 'calms'],
    channels: [{ channel: 'LU', how: 'stretch' }, { channel: 'CV', how: 'attend' }], pace: 'gathering', exhale: 'mouth', manner: 'sighing',
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['shoulders'],
    images: ['A fresh shower from the crown to the soles.'],
    mistakes: [{ mistake: 'shoulders climb with the arms', mend: 'Raise only as high as the shoulders stay low.' }],
    cycle: [
      inhale('Float the arms out and up.', through({ sink: 10, hands: both({ near: 'reach', toward: [1, 0, 0.25], palm: 'up' }) }, { sink: 6, hands: both({ near: 'reach', toward: [0.35, 1, 0.2], palm: 'in', share: 0.95 }) })),
      exhale('Sigh out by the mouth as the hands wash down.', through({ hands: both({ near: 'face', off: [3, 1, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 16, hands: both({ near: 'lower dantian', off: [4, 0, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 12 })),
    ],
    smaller: {
      change: 'Raise the arms only to chest height.',
      cycle: [
        inhale('Float the arms out to chest height.', through({ hands: both({ near: 'reach', toward: [1, -0.55, 0.4], palm: 'up' }) }, { hands: both({ near: 'middle dantian', off: [5, 0, 9], palm: 'body', fingers: 'in' }) })),
        exhale('Sigh out by the mouth as the hands wash down.', through({ sink: 12, hands: both({ near: 'lower dantian', off: [4, 0, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 8 })),
      ],
    },
    seated: {
      change: 'The same from the chair, arms to shoulder height.',
      cycle: [
        inhale('Float the arms out to shoulder height.', through({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.15, 0.4], palm: 'up' }) }, { base: 'chair', hands: both({ near: 'middle dantian', off: [5, 2, 9], palm: 'body', fingers: 'in', elbow: 'out' }) })),
        exhale('Sigh out by the mouth as the hands wash down.', through({ base: 'chair', hands: both({ near: 'lower dantian', off: [4, 2, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
] as const;
