import type { UsualTelling } from './next';
import { paceOf, type LedForm } from './pace';
import { shrunk, toldKey, toldOf, type ToldForm } from './telling';

/** What the log has taught of one form: only what differs from the usual. */
export interface TaughtRow {
  readonly formId: string;
  readonly name: string;
  /** In how many classes it was planned. */
  readonly planned: number;
  /** Its breath against the pace, where it is planned longer or shorter. */
  readonly pace?: number;
  /** Talk before it, s, where it is another than usual; to those it is new to, and to those who know it. */
  readonly talkSec?: { readonly taught?: number; readonly known?: number };
  /** How many times as long its first repetition is, likewise. */
  readonly firstFactor?: { readonly taught?: number; readonly known?: number };
  /** How often it was left out, where that was often. */
  readonly leftOut?: number;
}

export type TaughtItem = LedForm & ToldForm & { readonly name: string };

/** What differs less than this is the usual: a share of the breath, seconds of talk, a share of a first repetition. */
const USUAL = { pace: 0.01, talkSec: 2, factor: 0.1 } as const;
/** Left out this often, and in half of the classes it was planned in, it is always cut. */
const OFTEN = 3;

const FAMILIARITIES = ['taught', 'known'] as const;

/** What differs, by familiarity; nothing where nothing does. */
function differing(
  of: (familiarity: 'taught' | 'known') => { readonly usual: number; readonly is: number } | undefined,
  least: number,
): { readonly taught?: number; readonly known?: number } | undefined {
  const found = FAMILIARITIES.flatMap((familiarity) => {
    const one = of(familiarity);
    return one && Math.abs(one.is - one.usual) >= least ? [[familiarity, one.is] as const] : [];
  });
  return found.length === 0 ? undefined : Object.fromEntries(found);
}

/** All that classes have taught, form by form, by name; a form of which nothing was learnt is not among them. */
export function taughtBy(items: readonly TaughtItem[], usual: UsualTelling): readonly TaughtRow[] {
  const [paces, told] = [paceOf(items), toldOf(items)];
  const byForm = new Map<string, TaughtItem[]>();
  for (const item of items) byForm.set(item.formId, [...(byForm.get(item.formId) ?? []), item]);
  return [...byForm]
    .flatMap(([formId, own]): readonly TaughtRow[] => {
      const planned = own.filter(({ plannedMs }) => plannedMs > 0);
      const leftOut = planned.filter(({ actualMs }) => actualMs === 0).length;
      const pace = paces[formId] ?? 1;
      const talkSec = differing((familiarity) => {
        const here = told[toldKey(formId, familiarity)];
        const usually = usual(formId, familiarity)?.talkSec;
        return usually === undefined
          ? undefined
          : { usual: usually, is: shrunk(usually, here?.talkSec, here?.talks ?? 0) };
      }, USUAL.talkSec);
      const firstFactor = differing((familiarity) => {
        const here = told[toldKey(formId, familiarity)];
        const usually = usual(formId, familiarity)?.firstFactor;
        return usually === undefined
          ? undefined
          : { usual: usually, is: shrunk(usually, here?.firstFactor, here?.firsts ?? 0) };
      }, USUAL.factor);
      const row = {
        ...(Math.abs(pace - 1) >= USUAL.pace ? { pace } : {}),
        ...(talkSec ? { talkSec } : {}),
        ...(firstFactor ? { firstFactor } : {}),
        ...(leftOut >= OFTEN && leftOut * 2 >= planned.length ? { leftOut } : {}),
      };
      const name = own[0]?.name ?? formId;
      return Object.keys(row).length === 0 ? [] : [{ formId, name, planned: planned.length, ...row }];
    })
    .toSorted((a, b) => a.name.localeCompare(b.name));
}
