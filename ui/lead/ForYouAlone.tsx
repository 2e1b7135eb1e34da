import { asksAsDone } from '@/core/forms';
import { cautionsOf, type ConditionId } from '@/core/people';
import { formOf, type Item, type Practice } from '@/core/practice';
import { cautionText } from '@/ui/words/cautionSentences';

/** What is for the teacher alone: whose a condition is, by initials, and notes on forms. */
export interface ForTeacher {
  readonly initials: Readonly<Partial<Record<ConditionId, string>>>;
  readonly notes: Readonly<Record<string, string>>;
}

/** What of a form those here have to mind, each line once with the initials of those it is for. */
export function mindedBy(
  practice: Practice,
  item: Item,
  conditions: readonly ConditionId[],
  initials: ForTeacher['initials'],
): readonly { readonly who: string; readonly say: string }[] {
  const form = formOf(practice, item);
  const bySay = new Map<string, Set<string>>();
  for (const { condition, conditionLabel, code } of cautionsOf(
    form,
    item.variant,
    conditions,
    asksAsDone(form, item),
  )) {
    const say = cautionText(code);
    const named = initials[condition]?.trim();
    bySay.set(say, (bySay.get(say) ?? new Set()).add(named ? named : conditionLabel));
  }
  return [...bySay].map(([say, who]) => ({ who: [...who].join(', '), say }));
}

interface Props {
  readonly practice: Practice;
  readonly item: Item;
  readonly conditions: readonly ConditionId[] | undefined;
  readonly forTeacher: ForTeacher;
}

/** Shown only where the teacher wished it on this screen, and never on the hall’s. */
export function ForYouAlone({ practice, item, conditions = [], forTeacher }: Props) {
  const minded = mindedBy(practice, item, conditions, forTeacher.initials);
  const note = forTeacher.notes[item.formId];
  return (
    <section className="small shrink-0 border-t border-hairline py-1" aria-label="For you alone">
      <span className="caption">for you alone</span>
      {minded.length === 0 && note === undefined && <span className="quiet"> nothing to mind here</span>}
      <ul>
        {minded.map(({ who, say }) => (
          <li key={say}>
            <strong className="font-medium">{who}:</strong> {say}
          </li>
        ))}
        {note !== undefined && <li className="italic">{note}</li>}
      </ul>
    </section>
  );
}
