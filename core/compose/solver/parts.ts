import type { Ground } from './ground';
import type { Candidate, Problem, Selection } from './problem';

/** A smaller problem, and where each of its candidates and ways stood in the larger. */
export interface Fixed {
  readonly problem: Problem;
  readonly candidates: readonly (readonly number[])[];
  readonly options: readonly (readonly (readonly number[])[])[];
}

/** A problem as a part of itself: the candidates and ways that are wanted. */
export function only(
  problem: Problem,
  wanted: (section: number, candidate: number, way: number) => boolean,
): Fixed {
  const options = problem.sections.map((section, at) =>
    section.candidates.map((candidate, place) =>
      candidate.options.flatMap((_, way) => (wanted(at, place, way) ? [way] : [])),
    ),
  );
  const candidates = problem.sections.map((section, at) =>
    section.candidates.flatMap(({ pinned }, place) =>
      pinned || options[at]?.[place]?.length ? [place] : [],
    ),
  );
  return {
    candidates,
    options: candidates.map((places, at) => places.map((place) => options[at]?.[place] ?? [])),
    problem: {
      ...problem,
      sections: problem.sections.map((section, at) => ({
        ...section,
        candidates: section.candidates.flatMap((candidate, place): readonly Candidate[] => {
          const ways = options[at]?.[place] ?? [];
          if (ways.length === 0 && !candidate.pinned) return [];
          return [{ ...candidate, options: candidate.options.filter((_, way) => ways.includes(way)) }];
        }),
      })),
    },
  };
}

/** A selection of a smaller problem in the numbers of the larger. */
export const unfixed = ({ candidates, options }: Fixed, selection: Selection): Selection =>
  selection.map((picks, at) =>
    picks.map(({ candidate, option }) => ({
      candidate: candidates[at]?.[candidate] ?? -1,
      option: options[at]?.[candidate]?.[option] ?? -1,
    })),
  );

/** A part of a part in the numbers of the whole. */
export const partOf = (larger: Fixed, smaller: Fixed): Fixed => ({
  problem: smaller.problem,
  candidates: smaller.candidates.map((list, at) => list.map((place) => larger.candidates[at]?.[place] ?? -1)),
  options: smaller.options.map((list, at) =>
    list.map((ways, place) => {
      const before = smaller.candidates[at]?.[place] ?? -1;
      return ways.map((way) => larger.options[at]?.[before]?.[way] ?? -1);
    }),
  ),
});

/**
 * The form that more than one place counts on (in several sections, or done in two ways in one), the dearest first:
 * in the relaxed problem it may stand twice, which no price quite forbids. Nothing where no form does.
 */
export function contested({ problem, prices }: Ground, uses: Float64Array): number | undefined {
  const places = new Map<number, number>();
  for (const { candidates } of problem.sections)
    for (const { once } of candidates) places.set(once, (places.get(once) ?? 0) + 1);
  let found: { readonly once: number; readonly uses: number; readonly price: number } | undefined;
  for (const [once, count] of places) {
    const one = { once, uses: uses[once] ?? 0, price: prices.forms[once] ?? 0 };
    if (count < 2 || (one.uses < 2 && one.price === 0)) continue;
    if (!found || one.uses > found.uses || (one.uses === found.uses && one.price > found.price)) found = one;
  }
  return found?.once;
}

/** The problem once for each place the form may stand in, so that it can stand in no other. */
export function parted(problem: Problem, once: number): readonly Fixed[] {
  return problem.sections.flatMap(({ candidates }, section) =>
    candidates.flatMap((candidate, index): readonly Fixed[] =>
      candidate.once === once
        ? [
            only(
              problem,
              (at, place) =>
                (at === section && place === index) || problem.sections[at]?.candidates[place]?.once !== once,
            ),
          ]
        : [],
    ),
  );
}
