import { breatheIn, breatheOut, defineForm, freely } from '../define';

// prettier-ignore
export const STILLNESS = [
  defineForm({
    id: 'hold-embrace-chest', name: 'Embracing at the chest', pinyin: 'Chēng Bào', hanzi: '撐抱',
    family: 'standing posture', roles: ['still'], actions: ['nourishes', 'calms'], polarity: 'yin',
    channels: [{ channel: 'PC', how: 'hold' }, { channel: 'LU', how: 'hold' }], points: ['CV17', 'PC8'], phases: ['metal', 'fire'], organs: ['lung', 'pericardium'],
    pace: 'inner', manner: 'natural', settleSec: 4, setupSec: { known: 6, taught: 20 },
    entry: [freely(5, 'Arms round as if holding a large ball at the chest.')],
    cycle: [breatheIn('The ball grows a little.'), breatheOut('Elbows and breath sink.')],
    exit: [freely(5, 'Let the arms come down slowly.')],
    repetitions: { least: 2, usual: 4, most: 30, multipleOf: 1 }, asks: { staticHold: true },
    images: ['A big paper lantern between the arms.'],
    mistakes: [{ mistake: 'shoulders creep up', mend: 'Lower the ball until they hang again.' }],
    cautions: ['Lower the arms whenever they tire; the hold is offered, never required.'],
    smaller: { change: 'Hold the ball at the height of the navel.', entry: [freely(5, 'Arms round as if holding a ball before the navel.')], cycle: [breatheIn('The ball at the navel grows a little.'), breatheOut('Elbows and breath sink.')], asks: { staticHold: false } },
    seated: { change: 'From the chair, elbows supported by the sides.', entry: [freely(5, 'Elbows by the sides, hands round a ball.')], cycle: [breatheIn('Elbows at rest, the ball grows a little.'), breatheOut('Shoulders and breath sink.')], asks: { staticHold: false } },
  }),
  defineForm({
    id: 'hold-embrace-belly', name: 'Embracing at the lower belly',
    family: 'standing posture', roles: ['still'], actions: ['nourishes', 'calms'], polarity: 'yin',
    channels: [{ channel: 'KI', how: 'attend' }, { channel: 'CV', how: 'hold' }, { channel: 'SP', how: 'attend' }], points: ['CV6', 'GV4', 'KI1'], phases: ['water', 'earth'], organs: ['kidney', 'spleen'],
    pace: 'inner', manner: 'natural', settleSec: 4, setupSec: { known: 6, taught: 20 },
    entry: [freely(5, 'Arms round before the lower belly, palms in.')],
    cycle: [breatheIn('The belly fills toward the palms.'), breatheOut('It settles; the feet grow heavy.')],
    exit: [freely(4, 'Hands come to rest.')],
    repetitions: { least: 2, usual: 4, most: 30, multipleOf: 1 },
    images: ['Warming the hands at a low stove.'],
    mistakes: [{ mistake: 'leaning back', mend: 'Weight in the middle of the feet.' }],
    cautions: ['The hold is offered, never required; move whenever you need.'],
    smaller: { change: 'Hands rest on the belly.', entry: [freely(5, 'Lay both hands on the lower belly.')], cycle: [breatheIn('The belly fills under the hands.'), breatheOut('It settles; the feet grow heavy.')] },
    seated: { change: 'From the chair, hands before or on the belly.', entry: [freely(5, 'Hands before the lower belly, or on it.')], cycle: [breatheIn('Sitting tall, the belly fills toward the palms.'), breatheOut('It settles; the seat grows heavy.')] },
  }),
] as const;
