import { ROLES } from '../model/roles';
import type { Form } from '../model/model';
import { defineForm } from '../writing/define';
import { embody } from '../writing/embody';
import { sit, stand } from '../writing/postures';
import { freely, to } from '../writing/strokes';

/**
 * Talk as an item of its own: a greeting, the theme, a story, thanks. It is no form of practice, and stands outside the
 * repertoire: nothing proposes it; a teacher puts it in, and its words are the item's own.
 */
export const SPOKEN_PASSAGE: Form = embody(
  defineForm({
    id: 'spoken-passage',
    name: 'Spoken passage',
    family: 'settling breath',
    roles: [...ROLES],
    actions: ['calms'],
    pace: 'flowing',
    manner: 'natural',
    setupSec: { known: 0, taught: 0 },
    settleSec: 0,
    repetitions: { least: 1, usual: 1, most: 1, multipleOf: 1 },
    images: [],
    cycle: [freely(20, 'Listen, at ease.', to(stand(8)))],
    smaller: { change: 'Standing as you like.', cycle: [freely(20, 'Listen, at ease.', to(stand(6)))] },
    seated: { change: 'From the chair.', cycle: [freely(20, 'Listen, at ease.', to(sit()))] },
  }),
  {},
);
