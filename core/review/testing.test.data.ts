import { seasonsBySchool, type CalendarSeason } from '../almanac';
import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS, type Customs } from '../customs';
import { REPERTOIRE, type Form, type Role } from '../forms';
import { compile, type Item, type Practice } from '../practice';
import { sourceIds } from '../sources';
import { review, type Note, type ReviewPeople } from '.';

/** A form of the repertoire. */
export const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};

/** An item of a made-up practice: its form, and what is otherwise about it. */
export interface Line {
  readonly id: string;
  readonly role?: Role;
  readonly over?: Partial<Item>;
  readonly form?: Partial<Form>;
}

export interface Case {
  readonly lines: readonly Line[];
  readonly brief?: Partial<Brief>;
  readonly customs?: Partial<Customs>;
  readonly written?: Partial<Practice['customs']>;
  readonly people?: ReviewPeople;
  readonly today?: readonly CalendarSeason[];
}

/** 25 November 2026 in London: winter by the solar terms since Lì Dōng, autumn still by equinox and month. */
export const TODAY = seasonsBySchool(
  Date.UTC(2026, 10, 25, 12),
  { latitudeDeg: 51.5, zone: 'Europe/London' },
  DEFAULT_CUSTOMS,
);

export function practiceOf({ lines, brief, written }: Case): Practice {
  const forms = lines.map((line) => ({ ...form(line.id), ...line.form }) as Form);
  return {
    name: 'Case',
    brief: { ...PLAIN_BRIEF, ...brief },
    customs: {
      outToIn: 1.2,
      animalSchool: 'standard',
      virtueSchool: 'classical',
      soundSchool: 'standard',
      ...written,
    },
    seed: 1,
    items: lines.map((line, index) => ({
      id: `i${index}`,
      formId: line.id,
      variant: 'full',
      role: line.role ?? forms[index]?.roles[0] ?? 'nourish',
      repetitions: forms[index]?.repetitions.usual ?? 3,
      stretch: 1,
      firstSide: 'left',
      familiarity: 'known',
      omitHolds: false,
      exhaleByMouth: false,
      hinge: false,
      reasons: [],
      ...line.over,
    })),
    forms: Object.fromEntries(forms.map((one) => [one.id, one])),
  };
}

export function notesOf(given: Case): readonly Note[] {
  const practice = practiceOf(given);
  return review(
    practice,
    compile(practice),
    { ...DEFAULT_CUSTOMS, ...given.customs },
    given.people ?? { conditions: [] },
    given.today,
  );
}

export const lines = (...given: readonly (string | Line)[]): readonly Line[] =>
  given.map((one) => (typeof one === 'string' ? { id: one } : one));
export const many = (...ids: readonly string[]): readonly Line[] => ids.map((id) => ({ id }));

/** A note a practitioner can use: what it says is whole, it has a source and is told apart. Its words have tests of their own. */
export const makesSense = (note: Note): boolean =>
  sourceIds.includes(note.source) &&
  note.id.startsWith(note.rule) &&
  !/undefined|null/.test(JSON.stringify(Object.values(note.said))) &&
  (note.mend === undefined || note.mend.said.code.length > 2);
