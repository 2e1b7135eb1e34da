import Link from 'next/link';
import { notFound } from 'next/navigation';
import { cunCm, MEASURES } from '@/core/channels/measures';
import { byPractice, changesOf, pairsOf } from '@/core/felt/pairs';
import { FELT_WHEN } from '@/core/felt/terms';
import { presentId } from '@/core/forms';
import { writeBriefQuery } from '@/core/formats';
import { isOneToOne } from '@/core/people/oneToOne';
import { CONDITIONS } from '@/core/people';
import { dayOf } from '@/core/people/presence';
import { isKept } from '@/core/text';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { feltOf } from '@/server/felt';
import { readRepertoire } from '@/server/forms';
import { homeworkOf } from '@/server/homework';
import { listGroups } from '@/server/groups';
import { classesOf, readPerson } from '@/server/people';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { isVeiled } from '@/server/veil';
import { HomeworkOf } from '@/ui/homework/HomeworkOf';
import { chosenHere } from '@/ui/kit/chosenHere';
import { now } from '@/ui/kit/now';
import { FeltOf } from '@/ui/felt/FeltOf';
import { UnreadablePage, UnreadableRows } from '@/ui/kit/Unreadable';
import { Veiled } from '@/ui/kit/Veiled';
import { GivenTo } from '@/ui/people/GivenTo';
import { PersonEditor } from '@/ui/people/PersonEditor';

/** No name: titles are read over shoulders and kept by the browser. */
export const metadata = { title: 'A person' };

const timesIn = (classes: readonly { readonly formIds: readonly string[] }[]) => {
  const times: Record<string, number> = {};
  for (const { formIds } of classes)
    for (const id of new Set(formIds.map(presentId))) times[id] = (times[id] ?? 0) + 1;
  return times;
};

interface Props {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function PersonPage({ params, searchParams }: Props) {
  if (await isVeiled()) return <Veiled title="A person" />;
  const { id } = await params;
  const { note } = await searchParams;
  const open = await mine();
  const customs = await readCustoms(open);
  chosenHere(customs);
  const read = await orUnreadable(isKept(id) ? readPerson(open, id) : Promise.resolve(undefined));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  if (!read.value) notFound();
  const { person, version } = read.value;
  const [groups, classes, forms] = [
    await listGroups(open),
    await classesOf(open, id),
    await readRepertoire(open),
  ];
  const today = dayOf(now(), customs.place.zone);
  const [felt, homework] = [await feltOf(open, id), await homeworkOf(open, id)];
  const pairs = pairsOf(felt.felt, classes);
  const belongs = (groupId: string): boolean => person.comesTo.some((one) => one.groupId === groupId);
  const isMeasured =
    person.measures.statureCm !== undefined || Object.keys(person.measures.segmentsCm).length > 0;
  return (
    <div className="grid max-w-[78rem] gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <div>
        <p>
          <Link className="press-plain" href="/people">
            People
          </Link>
        </p>
        <h1 className="mb-4">{person.name}</h1>
        <PersonEditor
          key={person.id}
          person={person}
          version={version}
          // Somebody else’s lessons are nobody’s group to choose.
          groups={groups
            .filter(({ id: groupId }) => !isOneToOne(groupId) || belongs(groupId))
            .map((group) => ({
              id: group.id,
              name: group.name,
              weekdays: [...new Set(group.times.map(({ weekday }) => weekday))],
            }))}
          composeFor={Object.fromEntries(
            groups
              .filter((group) => isOneToOne(group.id))
              .map((group) => [group.id, `/compose?${writeBriefQuery({ groupId: group.id })}`]),
          )}
          conditions={CONDITIONS.map((row) => ({ id: row.id, label: row.label }))}
          forms={forms.map((form) => ({ id: form.id, name: form.name }))}
          measures={MEASURES.map((row) => ({
            id: row.id,
            what: row.what,
            cun: row.cun,
            cunCm: isMeasured ? cunCm(person.measures, row.id).cm : undefined,
          }))}
          times={timesIn(classes)}
          today={today}
        />
      </div>
      <GivenTo personId={person.id} given={classes} zone={customs.place.zone} />
      <div className="lg:col-span-2">
        <UnreadableRows rows={felt.unreadable.map(unreadableRow)} />
        <UnreadableRows rows={homework.unreadable.map(unreadableRow)} />
        <HomeworkOf personId={person.id} today={today} homework={homework.homework} />
        <FeltOf
          personId={person.id}
          zone={customs.place.zone}
          moments={felt.felt}
          changes={changesOf(pairs)}
          practices={byPractice(pairs)}
          entry={FELT_WHEN.find((when) => when === note)}
        />
      </div>
    </div>
  );
}
