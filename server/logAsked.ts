import { PHASE_IDS, type PhaseId } from '@/core/phases';
import { instantOf } from '@/core/almanac/zone';
import type { Form } from '@/core/forms';
import { isKept, simplified } from '@/core/text';
import type { LogAsked } from './classes';

/** What an address asks of the log: as it is asked of the database, and as it is shown where it was asked. */
export interface LogWishes {
  readonly asked: LogAsked;
  readonly shown: {
    readonly group: string;
    readonly month: string;
    readonly phase: PhaseId | '';
    readonly person: string;
    readonly words: string;
  };
}

/** Led for nobody in particular, in an address. */
const MYSELF = 'myself';
const MOST_WORDS = 80;

/** Reads an address; what is no group, month, phase or place in the log is passed over. */
export function readLogAsked(
  params: Readonly<Record<string, string | string[] | undefined>>,
  zone: string,
): LogWishes {
  const one = (name: string): string => {
    const value = params[name];
    const text = (Array.isArray(value) ? value[0] : value) ?? '';
    return isKept(text) ? text.slice(0, MOST_WORDS) : '';
  };
  const [group, words] = [one('group'), one('words').trim()];
  const [, year, monthOfYear] = /^(\d{4})-(0[1-9]|1[0-2])$/.exec(one('month')) ?? [];
  const month = year === undefined ? '' : `${year}-${monthOfYear ?? ''}`;
  const [person = ''] = /^[0-9a-f-]{36}$/.exec(one('person')) ?? [];
  const phase = PHASE_IDS.find((id) => id === one('phase'));
  const [, afterMs, afterId] = /^(\d{1,15})-([A-Za-z0-9-]{1,64})$/.exec(one('after')) ?? [];
  const startOf = (months: number): number =>
    instantOf({ year: Number(year), month: Number(monthOfYear) + months, day: 1 }, zone);
  return {
    asked: {
      ...(group === '' ? {} : { groupId: group === MYSELF ? null : group }),
      ...(month === '' ? {} : { fromMs: startOf(0), toMs: startOf(1) }),
      ...(words === '' ? {} : { words }),
      ...(phase === undefined ? {} : { phase }),
      ...(person === '' ? {} : { personId: person }),
      ...(afterMs === undefined || afterId === undefined
        ? {}
        : { after: { startedAtMs: Number(afterMs), id: afterId } }),
    },
    shown: { group, month, phase: phase ?? '', person, words },
  };
}

/** So short a word names no form. */
const LEAST_LETTERS = 3;
const plain = (text: string): string =>
  simplified(text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase());

/** The forms whose name, in any of its ways of writing, holds the words; none where there are no words to speak of. */
export function formsNamed(words: string | undefined, forms: readonly Form[]): readonly string[] {
  const wanted = plain(words?.trim() ?? '');
  const isHanzi = /\p{Script=Han}/u.test(wanted);
  if (wanted.length < (isHanzi ? 1 : LEAST_LETTERS)) return [];
  return forms
    .filter(({ name, pinyin = '', hanzi = '' }) =>
      [name, pinyin, hanzi].some((one) => plain(one).includes(wanted)),
    )
    .map(({ id }) => id);
}
