import { formSchema, ownId, type Form } from '../forms';
import { settleForm, withVariant, withoutVariant, type Part } from '../forms/own/drafting';
import { stay, type Step } from './desk';
import { begin, redo, stepTo, undo, type Steps } from './steps';

/** Writing a form of one's own: every change can be undone, and the draft is kept until the server has it. */
export interface FormEditing {
  readonly steps: Steps<Form>;
  /** The last change, so that a run of presses in one field is one step. */
  readonly last: { readonly what: string; readonly atMs: number } | undefined;
  /** The version it was made on top of; undefined for a form the server has never had. */
  readonly version: number | undefined;
  readonly part: Part;
  /** The stroke that is chosen, and which of its postures. */
  readonly stroke: number;
  readonly posture: number;
  /** What was on the table when it was sent, until the server answers. */
  readonly sending: Form | undefined;
  readonly problem: FormProblem | undefined;
  /** A draft of an earlier visit is on the table. */
  readonly isRestored: boolean;
  /** False where this browser's store is full or refused. */
  readonly isKept: boolean;
}

export type FormProblem =
  | { readonly code: 'field'; readonly path: readonly PropertyKey[]; readonly message: string }
  /** What the server said, in its words. */
  | { readonly code: 'refused'; readonly message: string }
  | { readonly code: 'unheard' }
  | { readonly code: 'changed-elsewhere' };

/** What is kept of a draft; half-written is how drafts are. */
export interface KeptForm {
  readonly form: Form;
  readonly version: number | undefined;
}

/** What the server said to a form that was sent to it. */
export type FormHeard =
  | { readonly code: 'saved'; readonly version: number }
  | { readonly code: 'changed-elsewhere' }
  | { readonly code: 'refused'; readonly message: string }
  | { readonly code: 'unheard' };

export type FormEditingEvent =
  /** `what` names the field, so that its presses run together; `make` builds on what is there by then. */
  | {
      readonly kind: 'changed';
      readonly what: string;
      readonly make: (form: Form) => Form;
      readonly atMs: number;
    }
  | { readonly kind: 'stepped'; readonly way: 'undo' | 'redo' }
  | { readonly kind: 'restored'; readonly kept: KeptForm }
  | { readonly kind: 'kept'; readonly isKept: boolean }
  | { readonly kind: 'chose-part'; readonly part: Part }
  | { readonly kind: 'chose-stroke'; readonly stroke: number; readonly posture: number }
  | { readonly kind: 'variant-removed'; readonly variant: 'smaller' | 'seated' }
  /** To be kept for good; `freshId` makes the id of a form that has none. */
  | { readonly kind: 'save-asked'; readonly freshId: string }
  | { readonly kind: 'heard'; readonly form: Form; readonly isNew: boolean; readonly heard: FormHeard }
  | { readonly kind: 'bin-asked' }
  | { readonly kind: 'binned' }
  | { readonly kind: 'bin-failed'; readonly message: string }
  /** Changed elsewhere: what is here becomes a form of its own … */
  | { readonly kind: 'copied'; readonly freshId: string }
  /** … or what the other window kept comes on the table, and undo brings this back on top of it. */
  | { readonly kind: 'theirs-read'; readonly form: Form; readonly version: number };

export type FormEditingEffect =
  | { readonly kind: 'keep'; readonly kept: KeptForm }
  | { readonly kind: 'forget' }
  | { readonly kind: 'send'; readonly form: Form; readonly version: number | undefined }
  | { readonly kind: 'bin'; readonly id: string }
  /** It is kept: told, and shown at its own address where it is new. */
  | { readonly kind: 'saved'; readonly form: Form; readonly isNew: boolean }
  | { readonly kind: 'binned'; readonly form: Form };

type Next = Step<FormEditing, FormEditingEffect>;

/** Two changes of the same field within this time are one step to undo. */
export const SAME_STEP_MS = 900;

export const startFormEditing = (form: Form, version: number | undefined): FormEditing => ({
  steps: begin(form),
  last: undefined,
  version,
  part: 'cycle',
  stroke: 0,
  posture: 0,
  sending: undefined,
  problem: undefined,
  isRestored: false,
  isKept: true,
});

const keeping = ({ steps, version }: FormEditing): readonly FormEditingEffect[] => [
  { kind: 'keep', kept: { form: steps.present, version } },
];

function changed(
  state: FormEditing,
  { what, make, atMs }: Pick<Extract<FormEditingEvent, { kind: 'changed' }>, 'what' | 'make' | 'atMs'>,
): Next {
  const { steps, last } = state;
  const form = make(steps.present);
  if (form === steps.present) return stay(state);
  const runsOn = last?.what === what && atMs - last.atMs < SAME_STEP_MS && steps.past.length > 0;
  const next: FormEditing = {
    ...state,
    steps: runsOn ? { past: steps.past, present: form, future: [] } : stepTo(steps, form),
    last: { what, atMs },
  };
  return { state: next, effects: keeping(next) };
}

/** A change that is a step of its own. */
const changedAtOnce = (state: FormEditing, make: (form: Form) => Form): Next =>
  changed({ ...state, last: undefined }, { what: '', make, atMs: 0 });

function stepped(state: FormEditing, way: 'undo' | 'redo'): Next {
  const steps = way === 'undo' ? undo(state.steps) : redo(state.steps);
  if (steps === state.steps) return stay(state);
  const next = { ...state, steps, last: undefined };
  return { state: next, effects: keeping(next) };
}

/** The form as it is to be kept for good, or what is wrong with it. */
function whole(state: FormEditing, freshId: string): Form | FormProblem {
  const form = state.steps.present;
  const told = settleForm(form);
  const parsed = formSchema.safeParse({ ...told, ...form, asks: told.asks });
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return { code: 'field', path: issue?.path ?? [], message: issue?.message ?? '' };
  }
  const settled = settleForm(parsed.data);
  return state.version === undefined ? { ...settled, id: ownId(settled.name, freshId.slice(0, 8)) } : settled;
}

function saveAsked(state: FormEditing, freshId: string): Next {
  if (state.sending) return stay(state);
  const form = whole(state, freshId);
  if ('code' in form) return stay({ ...state, problem: form });
  return {
    state: { ...state, sending: state.steps.present, problem: undefined },
    effects: [{ kind: 'send', form, version: state.version }],
  };
}

function heardOf(
  state: FormEditing,
  { form, isNew, heard }: Extract<FormEditingEvent, { kind: 'heard' }>,
): Next {
  if (heard.code !== 'saved') return stay({ ...state, sending: undefined, problem: heard });
  const next: FormEditing = {
    ...state,
    sending: undefined,
    version: heard.version,
    isRestored: false,
    // It has its id from now on, in every step that can come back.
    steps: {
      past: state.steps.past.map((one) => ({ ...one, id: form.id })),
      present: { ...state.steps.present, id: form.id },
      future: state.steps.future.map((one) => ({ ...one, id: form.id })),
    },
  };
  // What was written since it was sent is not on the server yet.
  const isAll = state.steps.present === state.sending;
  const kept: readonly FormEditingEffect[] = isAll ? [{ kind: 'forget' }] : keeping(next);
  return { state: next, effects: [...kept, { kind: 'saved', form, isNew }] };
}

function restored(state: FormEditing, kept: KeptForm): Next {
  const isSame = JSON.stringify(kept.form) === JSON.stringify(state.steps.present);
  // Written on already, or nothing in it that is not here.
  if (isSame || state.steps.past.length > 0) return stay(state);
  return stay({
    ...state,
    steps: stepTo(state.steps, kept.form),
    isRestored: true,
    problem: kept.version === state.version ? undefined : { code: 'changed-elsewhere' },
    // Saving is judged by what it was made on top of, so that what was kept since is not undone unseen.
    version: kept.version ?? state.version,
  });
}

function chosePart(state: FormEditing, part: Part): Next {
  const chosen = { ...state, part, stroke: 0, posture: 0 };
  const isNewVariant = (part === 'smaller' || part === 'seated') && !state.steps.present[part];
  return isNewVariant ? changedAtOnce(chosen, (form) => withVariant(form, part)) : stay(chosen);
}

/** What happens while a form is written; see {@link FormEditing}. */
export function formEditing(state: FormEditing, event: FormEditingEvent): Next {
  switch (event.kind) {
    case 'changed':
      return changed(state, event);
    case 'stepped':
      return stepped(state, event.way);
    case 'restored':
      return restored(state, event.kept);
    case 'kept':
      return stay(event.isKept === state.isKept ? state : { ...state, isKept: event.isKept });
    case 'chose-part':
      return chosePart(state, event.part);
    case 'chose-stroke':
      return stay({ ...state, stroke: event.stroke, posture: event.posture });
    case 'variant-removed':
      return changedAtOnce({ ...state, part: 'cycle', stroke: 0, posture: 0 }, (form) =>
        withoutVariant(form, event.variant),
      );
    case 'save-asked':
      return saveAsked(state, event.freshId);
    case 'heard':
      return heardOf(state, event);
    case 'bin-asked':
      return { state, effects: [{ kind: 'bin', id: state.steps.present.id }] };
    case 'binned':
      return { state, effects: [{ kind: 'forget' }, { kind: 'binned', form: state.steps.present }] };
    case 'bin-failed':
      return stay({ ...state, problem: { code: 'refused', message: event.message } });
    case 'copied':
      return saveAsked(
        { ...state, version: undefined, steps: stepTo(state.steps, copyOf(state.steps.present)) },
        event.freshId,
      );
    case 'theirs-read': {
      const next: FormEditing = {
        ...state,
        steps: stepTo(state.steps, event.form),
        version: event.version,
        problem: undefined,
        isRestored: false,
      };
      return { state: next, effects: keeping(next) };
    }
    default:
      return event satisfies never;
  }
}

const copyOf = (form: Form): Form => ({ ...form, name: `${form.name.slice(0, 100)} (my copy)` });
