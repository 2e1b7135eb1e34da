import { breatheIn, breatheOut, defineForm, freely } from '../define';

// prettier-ignore
export const ARRIVING = [
  defineForm({
    id: 'arrive-wuji', name: 'Standing in stillness', pinyin: 'Wú Jí', hanzi: '無極',
    family: 'standing posture', roles: ['arrive'], actions: ['calms'], polarity: 'yin',
    points: ['GV20', 'KI1', 'CV6'], channels: [{ channel: 'CV', how: 'attend' }],
    pace: 'inner', manner: 'natural',
    entry: [freely(6, 'Feet under the hips, toes forward, knees soft.')],
    cycle: [breatheIn('Crown floats up.'), breatheOut('Shoulders and breath sink to the feet.')],
    repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 },
    images: ['A willow: roots in the ground, crown drawn up by a thread.'],
    mistakes: [
      { mistake: 'knees locked', mend: 'Unlock them as if about to sit on a high stool.' },
      { mistake: 'chin pokes forward', mend: 'Let the back of the neck grow long.' },
    ],
    seated: { name: 'Sitting in stillness', change: 'Sit on the front half of the chair, feet flat and hip-wide.', entry: [freely(6, 'Front half of the chair, feet flat, hip-wide.')], cycle: [breatheIn('Crown floats up, sitting bones heavy.'), breatheOut('Shoulders and breath sink to the feet.')] },
  }),
  defineForm({
    id: 'arrive-cleansing-breaths', name: 'Cleansing breaths',
    family: 'settling breath', roles: ['arrive'], actions: ['clears', 'calms'],
    channels: [{ channel: 'LU', how: 'stretch' }, { channel: 'CV', how: 'attend' }],
    pace: 'gathering', exhale: 'mouth', manner: 'sighing',
    cycle: [breatheIn('Float the arms out and up.'), breatheOut('Sigh out by the mouth as the hands wash down.')],
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 },
    loosens: ['shoulders'],
    images: ['A fresh shower from the crown to the soles.'],
    mistakes: [{ mistake: 'shoulders climb with the arms', mend: 'Raise only as high as the shoulders stay low.' }],
    smaller: { change: 'Raise the arms only to chest height.', cycle: [breatheIn('Float the arms out to chest height.'), breatheOut('Sigh out by the mouth as the hands wash down.')] },
    seated: { change: 'The same from the chair, arms to shoulder height.', cycle: [breatheIn('Float the arms out to shoulder height.'), breatheOut('Sigh out by the mouth as the hands wash down.')] },
  }),
] as const;
