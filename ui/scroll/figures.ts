import { solveGoals, type Goals } from '@/core/body';
import { tellForm, type Form, type Told, type VariantId } from '@/core/forms';
import { detailFor } from '@/ui/figure/detail';
import { figureMarkup } from '@/ui/figure/markup';
import { FRAMES } from '@/ui/figure/frames';
import { looksNow } from '@/ui/figure/looks';
import { outmostSpots } from '@/ui/figure/fit';
import { cameraOnBody, UNITS, VIEWS, type View } from '@/ui/figure/view';
import { layFigures, type LaidFigure, type Standing } from './lay';
import type { StripItem } from './strip';

/** Someone standing at ease, picture units; a scroll's figure is measured by it. */
const STANDING_UNITS = 1.72 * UNITS;
/** No narrower than this, picture units: shoulders and sleeves. */
const LEAST_HALF = 52;
/** Width of the line, px of the screen. */
const LINE_PX = 0.95;
const FRAME_UNITS = Number(FRAMES.close.split(' ')[3]);

/** How many picture units are one px where a standing figure is so many px high. */
export const scaleFor = (figurePx: number): number => figurePx / STANDING_UNITS;

interface Known extends Told {
  readonly view: View;
  /** Half the width of each posture, picture units. */
  readonly halves: readonly number[];
}

const kept = new WeakMap<Form, Map<string, Known>>();
const drawn = new WeakMap<Form, Map<string, string>>();

function cached<V>(store: WeakMap<Form, Map<string, V>>, form: Form, key: string, make: () => V): V {
  const ofForm = store.get(form) ?? new Map<string, V>();
  store.set(form, ofForm);
  const there = ofForm.get(key);
  if (there !== undefined) return there;
  const made = make();
  ofForm.set(key, made);
  return made;
}

/** A form as so many of its postures, with the room each needs. */
function told(form: Form, variant: VariantId, most: number): Known {
  return cached(kept, form, `${variant} ${most}`, () => {
    const view = VIEWS[form.view ?? 'front'];
    const known = tellForm(form, variant, most);
    const halves = known.moments.map(({ goals }) => {
      const body = solveGoals(goals);
      const camera = cameraOnBody(view, body);
      return Math.max(LEAST_HALF, ...outmostSpots(body, camera).map(({ x }) => Math.abs(x) + 12));
    });
    return { ...known, view, halves };
  });
}

const momentKey = (variant: VariantId, most: number, moment: number, figurePx: number): string =>
  `${variant} ${most} ${moment} ${figurePx} ${looksNow().build} ${looksNow().seat}`;

/** One figure of a scroll as markup, drawn once and kept with its form. */
export function momentMarkup(
  form: Form,
  variant: VariantId,
  { most, moment, figurePx }: { most: number; moment: number; figurePx: number },
): string {
  return cached(drawn, form, momentKey(variant, most, moment, figurePx), () => {
    const { moments, view } = told(form, variant, most);
    const goals = moments[moment]?.goals;
    if (!goals) return '';
    return smallMarkup(goals, view, figurePx);
  });
}

/** The tenths of a path's numbers: nobody sees them where a unit is a third of a px. */
const TENTHS = /\.\d(?!\d)/g;
const NO_TENTHS_BELOW = 0.36;

/** A posture drawn for a scroll, a standing figure so many px high. */
export function smallMarkup(goals: Goals, view: View, figurePx: number): string {
  const scale = scaleFor(figurePx);
  const markup = figureMarkup(goals, view, { line: LINE_PX / scale, detail: detailFor(FRAME_UNITS * scale) });
  return scale < NO_TENTHS_BELOW ? markup.replace(TENTHS, '') : markup;
}

/** Whether a figure has been drawn before: then it costs nothing. */
export const isDrawn = (
  form: Form,
  variant: VariantId,
  { most, moment, figurePx }: { most: number; moment: number; figurePx: number },
): boolean => drawn.get(form)?.has(momentKey(variant, most, moment, figurePx)) ?? false;

export interface DrawnFigure extends LaidFigure {
  readonly form: Form;
  readonly variant: VariantId;
  /** As how many postures the form is told. */
  readonly most: number;
  readonly isStill: boolean;
  readonly isWalked: boolean;
}

/** Which figures stand where, at so many px a standing figure. */
export function figuresOf(
  items: readonly StripItem[],
  formOf: (id: string) => Form | undefined,
  x: (ms: number) => number,
  figurePx: number,
): readonly DrawnFigure[] {
  const scale = scaleFor(figurePx);
  const known = (item: StripItem, most: number): Known | undefined => {
    const form = formOf(item.formId);
    return form && told(form, item.variant, most);
  };
  const standing = (item: StripItem, most: number): readonly Standing[] => {
    const ofForm = known(item, most);
    return (
      ofForm?.moments.map(({ isFullest }, index) => ({
        half: (ofForm.halves[index] ?? LEAST_HALF) * scale,
        isFullest,
      })) ?? []
    );
  };
  const laid = layFigures(items, x, standing);
  const counts = new Map<string, number>();
  for (const { key } of laid) counts.set(key, (counts.get(key) ?? 0) + 1);
  const byKey = new Map(items.map((item) => [item.key, item]));
  return laid.flatMap((figure) => {
    const item = byKey.get(figure.key);
    const most = counts.get(figure.key) ?? 1;
    const form = item && formOf(item.formId);
    const ofForm = item && known(item, most);
    if (!item || !form || !ofForm) return [];
    return [
      { ...figure, form, variant: item.variant, most, isStill: ofForm.isStill, isWalked: ofForm.isWalked },
    ];
  });
}
