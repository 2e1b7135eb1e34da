import type { ThemePart } from '../brief/theme';
import { AIMS } from '../brief/aims';
import { CHANNEL_IDS } from '../channels';
import { PHASE_IDS, ORGANS } from '../phases';
import { isNeverFor, rankFor, type Rank } from './rank';
import type { Form, FormSchools } from '../forms';

/** The themes a practitioner looks up, kind by kind. */
export const KNOWN_THEMES: readonly { readonly kind: string; readonly parts: readonly ThemePart[] }[] = [
  { kind: 'organ', parts: ORGANS.map(({ id }): ThemePart => ({ kind: 'organ', organ: id })) },
  { kind: 'phase', parts: PHASE_IDS.map((phase): ThemePart => ({ kind: 'phase', phase })) },
  { kind: 'aim', parts: AIMS.map(({ id }): ThemePart => ({ kind: 'aim', aim: id })) },
  { kind: 'channel', parts: CHANNEL_IDS.map((channel): ThemePart => ({ kind: 'channel', channel })) },
];

/** Forms by how well they are known for a theme, and those that have no place in it. */
export interface KnownList {
  readonly named: readonly Form[];
  readonly accepted: readonly Form[];
  readonly never: readonly Form[];
}

/** What a teacher names for a theme, in the order of the repertoire. */
export function knownList(repertoire: readonly Form[], part: ThemePart, schools: FormSchools): KnownList {
  const of = (rank: Rank): readonly Form[] =>
    repertoire.filter((form) => rankFor(form, part, schools) === rank);
  return {
    named: of('named'),
    accepted: of('accepted'),
    never: repertoire.filter((form) => isNeverFor(form, [part])),
  };
}

/** What a form is known for, among the themes there are. */
export function knownThemesOf(
  form: Form,
  schools: FormSchools,
): Readonly<Record<'named' | 'accepted', readonly ThemePart[]>> {
  const parts = KNOWN_THEMES.filter(({ kind }) => kind !== 'phase').flatMap((row) => row.parts);
  const of = (rank: Rank): readonly ThemePart[] =>
    parts.filter((part) => rankFor(form, part, schools) === rank);
  return { named: of('named'), accepted: of('accepted') };
}
