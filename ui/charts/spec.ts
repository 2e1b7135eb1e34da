/** One practice, draft or day in a chart. */
export interface Series<Value> {
  readonly name: string;
  readonly values: readonly Value[];
}

/** A point of a line that goes by steps; `y` null where there is nothing to tell. */
export interface StepPoint {
  readonly x: number;
  readonly y: number | null;
}

interface Common {
  readonly title: string;
  readonly unit: string;
  /** The scale reaches at least so far; without one it follows the values. */
  readonly most?: number;
}

/** Quantities beside each other: one group of bars a label, one bar of each a series. */
export interface BarsSpec extends Common {
  readonly kind: 'bars';
  readonly labels: readonly string[];
  readonly series: readonly Series<number>[];
}

/** Quantities over time: one line a series, from step to step. */
export interface StepsSpec extends Common {
  readonly kind: 'steps';
  readonly xUnit: string;
  readonly series: readonly Series<StepPoint>[];
}

export type ChartSpec = BarsSpec | StepsSpec;

/** The page's own colours, as they are now. */
export interface Inks {
  readonly ink: string;
  readonly faded: string;
  readonly hairline: string;
  readonly font: string;
}
