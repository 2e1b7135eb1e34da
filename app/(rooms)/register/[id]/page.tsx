import { notFound } from 'next/navigation';
import { openCautions, type ConditionId } from '@/core/people';
import type { Person } from '@/core/people/person';
import { comesOn, conditionsOn } from '@/core/people/presence';
import { formOf, type Practice } from '@/core/practice';
import { conditionLabel } from '@/core/seek/conditionWords';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { whoIsHere } from '@/server/minded';
import { listPeople } from '@/server/people';
import { readPractice } from '@/server/practices';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { isVeiled } from '@/server/veil';
import { now } from '@/ui/kit/now';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { Veiled } from '@/ui/kit/Veiled';
import { RegisterRoom, type PersonHere } from '@/ui/people/RegisterRoom';
import { cautionText } from '@/ui/words/cautionSentences';

export const metadata = { title: 'Who is here' };

/** What of a practice is still to be minded with some conditions, form by form, beside what it does about them already. */
const mindedIn = (practice: Practice, conditions: readonly ConditionId[]): PersonHere['minded'] => {
  const byForm = new Map<string, Set<string>>();
  for (const item of practice.items) {
    const form = formOf(practice, item);
    for (const { code } of openCautions(form, item, conditions, practice.patterns))
      byForm.set(form.name, (byForm.get(form.name) ?? new Set()).add(cautionText(code)));
  }
  return [...byForm].map(([form, says]) => ({ form, says: [...says] }));
};

export default async function RegisterPage({ params }: { params: Promise<{ id: string }> }) {
  if (await isVeiled()) return <Veiled title="Who is here" />;
  const { id } = await params;
  const open = await mine();
  const customs = await readCustoms(open);
  const read = await orUnreadable(readPractice(open, id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  if (!read.value || read.value.binned) notFound();
  const { practice } = read.value;
  const { groupId } = practice.brief;
  const here = await whoIsHere(
    open,
    { practiceId: id, groupId },
    customs.ownConditions,
    customs.place.zone,
    now(),
  );
  const shown = (person: Person): PersonHere => {
    const conditions = conditionsOn(person, here.day);
    return {
      id: person.id,
      name: person.name,
      isExpected: groupId !== null && comesOn(person, groupId, here.day),
      has: conditions.map(conditionLabel),
      minded: mindedIn(practice, conditions),
      mayNot: practice.items
        .filter(({ formId }) => person.mayNot.includes(formId))
        .map((item) => formOf(practice, item).name),
    };
  };
  return (
    <RegisterRoom
      practiceId={id}
      practiceName={practice.name}
      people={(await listPeople(open)).map(shown)}
      present={here.people.map((person) => person.id)}
      others={here.others}
    />
  );
}
