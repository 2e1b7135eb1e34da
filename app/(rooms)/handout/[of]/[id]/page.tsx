import { notFound } from 'next/navigation';
import { CHANNEL_IDS, channel } from '@/core/channels';
import { HANDED, type Handed } from '@/core/handout/kinds';
import { isKept } from '@/core/text';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readRepertoire } from '@/server/forms';
import { readHomework } from '@/server/homework';
import { readPractice } from '@/server/practices';
import type { OwnQueries } from '@/server/sql';
import { readTerm } from '@/server/terms';
import { orUnreadable } from '@/server/unreadable';
import { isVeiled } from '@/server/veil';
import { HandoutRoom } from '@/ui/handout/HandoutRoom';
import { chosenHere } from '@/ui/kit/chosenHere';
import { Veiled } from '@/ui/kit/Veiled';

export const metadata = { title: 'Hand out' };

interface Thing {
  readonly name: string;
  readonly names: string;
  readonly back: { readonly href: string; readonly label: string };
}

const GROUP_AND_DAY = 'Write the name of the group and the day on it';

/** What is to be handed out, by its name; nothing where there is none. */
const THINGS: Readonly<Record<Handed, (queries: OwnQueries, id: string) => Promise<Thing | undefined>>> = {
  practice: async (queries, id) => {
    const stored = await readPractice(queries, id);
    return stored && !stored.binned
      ? {
          name: stored.practice.name,
          names: GROUP_AND_DAY,
          back: { href: `/compose/${id}`, label: 'Back to the score' },
        }
      : undefined;
  },
  homework: async (queries, id) => {
    const kept = await readHomework(queries, id);
    const [step] = kept?.homework.steps ?? [];
    const practice = step && (await readPractice(queries, step.practiceId));
    return kept && practice
      ? {
          name: practice.practice.name,
          names: 'Write their name on it',
          back: { href: `/people/${kept.personId}`, label: 'Back to the person' },
        }
      : undefined;
  },
  term: async (queries, id) => {
    const term = await readTerm(queries, id);
    return (
      term && {
        name: term.term.name,
        names: 'Write the name of the group on it',
        back: { href: `/term/${id}`, label: 'Back to the term' },
      }
    );
  },
  form: async (queries, id) => {
    const form = (await readRepertoire(queries)).find((one) => one.id === id);
    return form && { name: form.name, names: '', back: { href: `/forms/${id}`, label: 'Back to the form' } };
  },
  channel: (_queries, id) => {
    const found = CHANNEL_IDS.find((one) => one === id);
    return Promise.resolve(
      found && {
        name: `the ${channel(found).name} channel`,
        names: '',
        back: { href: `/atlas?channel=${found}`, label: 'Back to the atlas' },
      },
    );
  },
  year: () =>
    Promise.resolve({ name: 'the year', names: '', back: { href: '/', label: 'Back to the almanac' } }),
  log: () =>
    Promise.resolve({ name: 'the log', names: '', back: { href: '/log', label: 'Back to the log' } }),
  forms: () =>
    Promise.resolve({ name: 'the forms', names: '', back: { href: '/forms', label: 'Back to the forms' } }),
};

const isHanded = (of: string): of is Handed => (HANDED as readonly string[]).includes(of);

interface Props {
  readonly params: Promise<{ of: string; id: string }>;
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
}

export default async function HandoutPage({ params, searchParams }: Props) {
  const [{ of, id }, { as, step }] = [await params, await searchParams];
  if (!isHanded(of) || !isKept(id)) notFound();
  const veiled = await isVeiled();
  // Homework is one person’s.
  if (of === 'homework' && veiled) return <Veiled title="Hand out" />;
  const open = await mine();
  chosenHere(await readCustoms(open));
  const read = await orUnreadable(THINGS[of](open, id));
  if (!('value' in read) || !read.value) notFound();
  return (
    <HandoutRoom
      key={`${of} ${id}`}
      of={of}
      id={id}
      {...read.value}
      startsWith={typeof as === 'string' ? as : undefined}
      step={typeof step === 'string' && /^[0-5]$/.test(step) ? step : undefined}
      isVeiled={veiled}
    />
  );
}
