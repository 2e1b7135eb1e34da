import type { Goals } from '@/core/body';
import type { TickWeek } from '@/core/handout/homeworkSheet';
import type { NamedView } from '@/ui/figure/view';
import type { FigureLooks } from '@/core/customs/looks';

/** What a page that moves carries: everything it shows, in numbers and words. */
export interface MovingData {
  /** Under this name the ticks stay on the device. */
  readonly key: string;
  readonly looks: FigureLooks;
  readonly forms: readonly MovingForm[];
  /** Each posture once; movements go through them by their numbers, strokes name a movement by its own. */
  readonly goals: readonly Goals[];
  readonly movements: readonly { readonly keys: readonly number[]; readonly at: readonly number[] }[];
  readonly weeks: readonly TickWeek[];
}

export interface MovingForm {
  readonly name: string;
  readonly view: NamedView;
  readonly strokes: readonly MovingStroke[];
  /** The movement, and how far into it, that tells the form. */
  readonly still: readonly [movement: number, share: number];
}

export interface MovingStroke {
  readonly ms: number;
  readonly movement: number;
  readonly breath: 'in' | 'out' | 'hold' | 'free';
  readonly cue: string;
  readonly sound?: string;
  /** "2 of 6"; empty outside the repetitions. */
  readonly count: string;
}
