import type { Note } from '@/core/review';
import { noteText, ruleWhy } from '@/ui/words/margin';
import Link from 'next/link';
import { WhoIsHere, type Here } from './WhoIsHere';

/** What is unsafe for somebody here, or cannot be done, is read before the class begins. */
export function BeforeLeading({
  id,
  here,
  musts,
  onRead,
}: {
  readonly id: string;
  readonly here: Here | undefined;
  readonly musts: readonly Pick<Note, 'id' | 'rule' | 'said'>[];
  readonly onRead: () => void;
}) {
  return (
    <main className="mx-auto max-w-2xl p-6 sm:p-10" aria-label="Before leading">
      <h1>Read this first</h1>
      <p className="reading my-3">
        {musts.length === 1 ? 'One note in the margin is' : `${musts.length} notes in the margin are`} still
        open that should not be left so.
      </p>
      <ul className="space-y-3">
        {musts.map((note) => (
          <li key={note.id} className="must">
            <strong>Must.</strong> {noteText(note.said)} <span className="quiet">{ruleWhy(note.rule)}</span>
          </li>
        ))}
      </ul>
      <p className="mt-6 flex flex-wrap gap-2">
        <Link className="press press-main" href={`/compose/${id}`}>
          Mend it in the score
        </Link>
        <button type="button" className="press" onClick={onRead}>
          I have read it; lead as it stands
        </button>
        <WhoIsHere practiceId={id} here={here} />
      </p>
    </main>
  );
}
