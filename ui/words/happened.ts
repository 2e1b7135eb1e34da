import type { ClassRecord } from '@/core/lead';
import { clockText } from '@/ui/kit/time';

type Happened = NonNullable<ClassRecord['happened']>[number];

/** What was changed of the forms, by their names: "Cloud hands ×4", "Wheel left out". */
function changed(record: ClassRecord, changes: NonNullable<Happened['changes']>): string {
  const names = new Map(record.items.map(({ itemId, name }) => [itemId, name]));
  return changes
    .flatMap(({ itemId, repetitions }) => {
      const name = names.get(itemId);
      return name === undefined ? [] : [repetitions === 0 ? `${name} left out` : `${name} ×${repetitions}`];
    })
    .join(', ');
}

/** Why a plan was fitted anew: what had come between since it was last. */
const WHY: Readonly<Partial<Record<Happened['kind'], string>>> = {
  pause: 'it had stood still',
  stay: 'a form was stayed in',
  go: 'it had gone elsewhere',
  'one-more': 'one more was done',
  'last-one': 'a form was shorter',
  'move-on': 'a form was shorter',
  'begin-now': 'it was begun sooner',
  insert: 'a form was put in',
  teach: 'a form was taught',
  tempo: 'the pace was another',
  'must-end': 'another end was set',
  undo: 'something was taken back',
};

/** The reason a plan was fitted at a place in what happened; where nothing came between, it had begun at another time. */
function whyFitted(before: readonly Happened[]): string {
  const lastFit = before.findLastIndex(({ kind }) => kind === 'retime');
  const since = before.slice(lastFit + 1).findLast(({ kind }) => WHY[kind] !== undefined);
  if (since) return WHY[since.kind] ?? '';
  return lastFit < 0 ? 'it had not begun on time' : 'it was not on time yet';
}

/** What a leader did, as the log tells it; going on again after standing still is told with how long it stood. */
export function happenedText(record: ClassRecord): readonly string[] {
  const names = new Map(record.items.map(({ itemId, name }) => [itemId, name]));
  const all = record.happened ?? [];
  return all.flatMap(({ kind, afterMs, itemId, changes, name: put = '', factor = 1 }, index) => {
    const at = `${clockText(afterMs)}: `;
    const name = itemId === undefined ? '' : (names.get(itemId) ?? '');
    const next = all.slice(index + 1).find((one) => one.kind === 'resume');
    const forSo = next ? `, ${clockText(next.afterMs - afterMs)} min` : '';
    switch (kind) {
      case 'pause':
        return [`${at}stood still${forSo}`];
      case 'stay':
        return [`${at}stayed in it${forSo}`];
      case 'resume':
        return [];
      case 'go':
        return [`${at}went elsewhere`];
      case 'one-more':
        return [`${at}one more of ${name}`];
      case 'last-one':
        return [`${at}the last of ${name}`];
      case 'move-on':
        return [`${at}on after one side of ${name}`];
      case 'begin-now':
        return [`${at}begun sooner`];
      case 'insert':
        return [`${at}put in: ${put}`];
      case 'teach':
        return [`${at}${name} taught part by part${forSo}`];
      case 'tempo':
        return [`${at}${factor === 1 ? 'slower or quicker' : factor > 1 ? 'slower' : 'quicker'} from there`];
      case 'must-end':
        return [`${at}another end was set`];
      case 'retime': {
        const what = changes ? changed(record, changes) : '';
        return [
          `${at}fitted to the end, for ${whyFitted(all.slice(0, index))}${what === '' ? ', by the breath' : `: ${what}`}`,
        ];
      }
      case 'undo':
        return [`${at}taken back`];
      default:
        return kind satisfies never;
    }
  });
}

/** How a class ended against its end; nothing where it might go on. */
export function endedText({ overMs }: Pick<ClassRecord, 'overMs'>): string {
  if (overMs === undefined) return '';
  if (Math.abs(overMs) < WORTH_SAYING_MS) return 'ended on time';
  return `ended ${clockText(Math.abs(overMs))} min ${overMs > 0 ? 'late' : 'early'}`;
}
/** Worth a word, ms. */
const WORTH_SAYING_MS = 5000;
