import { Redo2, Undo2 } from 'lucide-react';
import type { FormProblem } from '@/core/desk/formEditing';
import { pathText } from '@/core/formats/file';
import type { AtFormEditing } from './useFormEditing';

/** What stands in the way of keeping a form, in a sentence. */
function problemText(problem: FormProblem): string {
  switch (problem.code) {
    case 'field':
      return `${pathText(problem.path)}: ${problem.message || 'not as expected'}. Nothing was kept yet.`;
    case 'refused':
      return problem.message;
    case 'unheard':
      return 'The server cannot be reached; nothing was changed, and what you wrote is still here.';
    case 'changed-elsewhere':
      return 'This form was changed in another window since. Nothing was overwritten; what you wrote is still here.';
    default:
      return problem satisfies never;
  }
}

function Problem({ at, problem }: { at: AtFormEditing; problem: FormProblem }) {
  return (
    <p role="alert" className="must mb-2">
      {problemText(problem)}{' '}
      {problem.code === 'changed-elsewhere' && (
        <>
          <button type="button" className="press" onClick={() => void at.takeTheirs()}>
            Take theirs; undo brings mine back
          </button>{' '}
          <button type="button" className="press" onClick={at.copy}>
            Keep mine as a form of its own
          </button>
        </>
      )}
    </p>
  );
}

/** The name of the form, undo and redo, keeping it, and what stands in the way. */
export function EditorHead({ at }: { at: AtFormEditing }) {
  const { state, form, change, step } = at;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="sr-only">Write a form</h1>
        <label className="min-w-48 flex-1">
          <span className="sr-only">Name of the form</span>
          <input
            className="w-full border-b border-hairline bg-transparent font-serif text-[1.44rem] focus:border-ink"
            value={form.name}
            maxLength={120}
            onChange={(event) => {
              const name = event.target.value;
              change('name', (now) => ({ ...now, name }));
            }}
          />
        </label>
        <span className="flex flex-wrap gap-1.5">
          <button
            type="button"
            className="press"
            disabled={state.steps.past.length === 0}
            onClick={() => step('undo')}
          >
            <Undo2 size={15} aria-hidden /> Undo
          </button>
          <button
            type="button"
            className="press"
            disabled={state.steps.future.length === 0}
            onClick={() => step('redo')}
          >
            <Redo2 size={15} aria-hidden /> Redo
          </button>
          <button
            type="button"
            className="press press-main"
            disabled={state.sending !== undefined}
            onClick={at.save}
          >
            Keep this form
          </button>
        </span>
      </div>
      {state.isRestored && (
        <p className="watch mb-2 small">
          This is the draft this browser kept from before; undo returns to the form as it was opened.
        </p>
      )}
      {!state.isKept && (
        <p role="status" className="should mb-2 small">
          This browser keeps no drafts just now: keep the form before you leave or reload the page.
        </p>
      )}
      {state.problem && <Problem at={at} problem={state.problem} />}
    </>
  );
}
