import { AsksFacts } from './AsksFacts';
import { DoseFacts } from './DoseFacts';
import type { FactsProps } from './facts';
import { KindFacts } from './KindFacts';
import { ServesFacts } from './ServesFacts';
import { WordsFacts } from './WordsFacts';

/** Everything of a form that is not its strokes. */
export function FormFacts(props: FactsProps) {
  return (
    <div className="space-y-4">
      <KindFacts {...props} />
      <ServesFacts {...props} />
      <DoseFacts {...props} />
      <AsksFacts {...props} />
      <WordsFacts {...props} />
    </div>
  );
}
