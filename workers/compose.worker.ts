import { expose } from 'comlink';
import {
  accountOf,
  composeSteps,
  somethingElse,
  threeDrafts,
  whyNot,
  type Asking,
  type CharacterDraft,
  type Composed,
  type ComposeResult,
  type Instead,
  type ItemAccount,
  type WhyNot,
} from '@/core/compose';
import { REPERTOIRE, withOwn, type OwnForms, type Role } from '@/core/forms';
import { compile, type Practice } from '@/core/practice';

/** An asking as it comes over the wire: the shipped forms are here already. */
export type Asked = Omit<Asking, 'repertoire'> & { readonly own: OwnForms };

const askingOf = ({ own, ...asked }: Asked): Asking => ({ ...asked, repertoire: withOwn(REPERTOIRE, own) });

/** The question now being worked on; a later one makes the earlier give up. */
let asked = 0;
/** Lets messages in: a new question can only be heard between steps. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
const SLICE_MS = 24;

/** Goes through the steps of a search, looking up every so often; undefined when it was overtaken. */
async function run<Step, Result>(
  steps: Generator<Step, Result>,
  onStep: (step: Step) => void,
): Promise<Result | undefined> {
  const question = (asked += 1);
  let since = performance.now();
  for (;;) {
    const next = steps.next();
    if (next.done) return question === asked ? next.value : undefined;
    onStep(next.value);
    if (performance.now() - since < SLICE_MS) continue;
    await breathe();
    if (question !== asked) return undefined;
    since = performance.now();
  }
}

const api = {
  /** Drafts; every better draft on the way is shown as it comes. */
  draft: async (parts: Asked, onBetter: (draft: Composed) => void): Promise<ComposeResult | undefined> => {
    let shown: Composed | undefined;
    return run(composeSteps(askingOf(parts)), (draft) => {
      if (!draft || draft === shown) return;
      shown = draft;
      onBetter(draft);
    });
  },
  characters: async (
    parts: Asked,
    beside: Practice,
    onMore: (drafts: readonly CharacterDraft[]) => void,
  ): Promise<readonly CharacterDraft[] | undefined> => run(threeDrafts(askingOf(parts), beside), onMore),
  whyNot: (parts: Asked, practice: Practice, formId: string, role?: Role): WhyNot =>
    whyNot(askingOf(parts), practice, formId, role),
  instead: (parts: Asked, practice: Practice, itemId: string): readonly Instead[] =>
    somethingElse(askingOf(parts), practice, compile(practice), itemId),
  account: (parts: Asked, practice: Practice): readonly ItemAccount[] => accountOf(askingOf(parts), practice),
};
export type ComposeWorker = typeof api;

expose(api);
