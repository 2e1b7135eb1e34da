import { solvePosture } from '../../body';
import { posturesForSide } from '../measured/measure';
import { cycleOf } from '../model/variants';
import { type Form } from '../model/model';
import { type VariantId } from '../model/terms';

/** A breath that goes against the nearly stable convention: rise and open in, sink and close out. */
export interface AgainstBreath {
  readonly code: 'in-while-sinking' | 'out-while-rising';
  /** Which stroke of one repetition, from 0. */
  readonly stroke: number;
  readonly cue: string;
  /** How far the head sinks (−) or rises (+) over the stroke, cm. */
  readonly headCm: number;
}

/** How far the head may go against the breath unremarked, cm: less is the ordinary give of the knees. */
const SINKS_CM = 4;
const RISES_CM = 6;

/**
 * The breathed strokes of a repetition in which the body sinks on the inhale or rises on the exhale, each
 * measured from where the stroke before it ended. Source of the convention: common practice.
 */
export function againstBreath(form: Form, variant: VariantId): readonly AgainstBreath[] {
  const cycle = cycleOf(form, variant);
  const heads = cycle.map((stroke) => {
    const last = posturesForSide(form, variant, stroke, false).at(-1);
    return last ? solvePosture(last).trunk.head[1] * 100 : undefined;
  });
  return cycle.flatMap(({ breath, cue }, stroke): readonly AgainstBreath[] => {
    const before = heads.at(stroke - 1);
    const after = heads[stroke];
    if (before === undefined || after === undefined || cycle.length < 2) return [];
    const headCm = after - before;
    if (breath === 'in' && headCm < -SINKS_CM) return [{ code: 'in-while-sinking', stroke, cue, headCm }];
    if (breath === 'out' && headCm > RISES_CM) return [{ code: 'out-while-rising', stroke, cue, headCm }];
    return [];
  });
}
