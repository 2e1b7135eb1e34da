import { POINTS } from '@/core/channels';
import { findThings, prepare, type Thing } from '@/core/find';
import { namesOf, searchText, type Form } from '@/core/forms';
import { TERMS, type Term } from '@/core/terms/terms';
import { ROLE_NAMES, briefLine } from '@/ui/words/names';
import { SETTINGS } from '@/ui/words/settings';
import { readRepertoire } from '@/server/forms';
import { listGroups } from '@/server/groups';
import { listPeople } from '@/server/people';
import { listPractices } from '@/server/practices';
import type { OwnQueries } from '@/server/sql';

const ROOMS = [
  ['Almanac', '/', 'today: season, phase, hour, what suits them', 'today now year ring'],
  ['Compose', '/compose', 'a new practice', 'new draft brief'],
  ['Shelf', '/shelf', 'every practice that is kept', 'practices kept'],
  ['The bin', '/shelf?bin', 'practices that were put away', 'deleted removed trash'],
  ['Forms', '/forms', 'the repertoire', 'exercises movements repertoire'],
  ['A form of your own', '/forms/own/new', 'write one down', 'new form editor'],
  ['Sounds', '/forms/sounds', 'the healing sounds', 'six syllables'],
  ['Breaths', '/forms/breaths', 'breath patterns', 'patterns'],
  ['Known', '/forms/known', 'what each group has met', 'who knows'],
  ['Atlas', '/atlas', 'channels and points on the body', 'body map'],
  ['Term', '/term', 'a season planned week by week', 'terms season plan weeks'],
  ['People', '/people', 'who comes, and what to mind for them', 'pupils students persons register'],
  ['Log', '/log', 'classes that were led', 'history classes'],
  ['What the log has taught', '/log/taught', 'your own pace and talk', 'learnt pace'],
  ['Customs', '/customs', 'how you do things', 'settings preferences options'],
  [
    'Everything',
    '/everything',
    'save all, bring it back, copies of each day',
    'backup restore export zip copies',
  ],
  ['Words', '/words', 'what the words mean', 'glossary terms help'],
] as const;

const FIXED: readonly Thing[] = [
  ...ROOMS.map(([name, href, hint, also]): Thing => ({ kind: 'room', id: href, name, hint, href, also })),
  ...TERMS.map(({ id, word, hanzi, says, also }: Term): Thing => ({
    kind: 'word',
    id,
    name: word,
    hanzi,
    hint: says,
    href: `/words#${id}`,
    also: (also ?? []).join(' '),
  })),
  ...SETTINGS.map(({ name, href, hint, also }): Thing => ({
    kind: 'setting',
    id: href + name,
    name,
    hint,
    href,
    also,
  })),
  ...POINTS.map(({ code, pinyin, hanzi, sense, where }): Thing => ({
    kind: 'point',
    id: code,
    name: code,
    hanzi,
    hint: `${pinyin}, ${sense}`,
    href: `/atlas?point=${code}`,
    also: `${pinyin} ${sense} ${where} ${code.replace(/(\D+)(\d+)/, '$1 $2')} ${code.replace(/^LR/, 'LV')}`,
  })),
];

const formThing = (form: Form): Thing => ({
  kind: 'form',
  id: form.id,
  name: form.name,
  hanzi: form.hanzi,
  hint: form.roles.map((role) => ROLE_NAMES[role].toLowerCase()).join(', '),
  href: `/forms/${form.id}`,
  also: `${namesOf(form).join(' ')} ${searchText(form)}`,
});

/** The forms as they were made ready last: the same list until one of them changes. */
let ready: { readonly of: string; readonly things: ReturnType<typeof prepare> } | undefined;
const fixed = prepare(FIXED);

function formsReady(forms: readonly Form[]): ReturnType<typeof prepare> {
  const of = forms.map(({ id, name }) => `${id} ${name}`).join('|');
  if (ready?.of !== of) ready = { of, things: prepare(forms.map(formThing)) };
  return ready.things;
}

/** Practices, forms, points, groups, settings, words and rooms that fit what is typed, the best first. */
export async function findAnywhere(
  queries: OwnQueries,
  asked: string,
  { isVeiled = false, most = 24 }: { readonly isVeiled?: boolean; readonly most?: number } = {},
): Promise<readonly Thing[]> {
  const [people, { practices }, groups, forms] = [
    // Nobody is found while nothing private is shown.
    isVeiled ? [] : await listPeople(queries),
    await listPractices(queries, 'shelf'),
    await listGroups(queries),
    await readRepertoire(queries),
  ];
  const own = prepare([
    ...practices.map(({ id, name, brief }): Thing => ({
      kind: 'practice',
      id,
      name,
      hint: briefLine(brief),
      href: `/compose/${id}`,
      also: `${briefLine(brief)} ${groups.find((group) => group.id === brief.groupId)?.name ?? ''}`,
    })),
    ...groups.map(({ id, name }): Thing => ({
      kind: 'group',
      id,
      name,
      hint: 'a group',
      href: '/customs#groups',
      also: 'class people',
    })),
    ...people.map(({ id, name }): Thing => ({
      kind: 'person',
      id,
      name,
      hint: 'somebody you teach',
      href: `/people/${id}`,
      also: '',
    })),
  ]);
  return findThings(asked, [...own, ...formsReady(forms), ...fixed], most);
}
