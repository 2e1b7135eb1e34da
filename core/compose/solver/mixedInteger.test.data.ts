import { gainOf, pairCost, type Candidate, type Problem } from './problem';

/**
 * The same model a second time, as a mixed-integer program in the CPLEX LP format: the order of a practice
 * is a path of one unit of flow from its first form to its last. Shares with the search only the cost of
 * two forms following each other.
 */
export function mixedInteger(problem: Problem): string {
  const objective: string[] = [];
  const rows: string[] = [];
  const bounds: string[] = [];
  const whole: string[] = [];
  const term = (factor: number, name: string): string =>
    `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`;
  const gain = (factor: number, name: string): void => {
    if (factor !== 0) objective.push(term(factor, name));
  };
  const at = (section: number, place: number): string => `${section}_${place}`;
  const sumOf = (names: readonly string[]): string => names.map((name) => `+ ${name}`).join(' ');
  const into = new Map<string, string[]>();
  const outOf = new Map<string, string[]>();
  const push = (map: Map<string, string[]>, key: string, name: string): void => {
    map.set(key, [...(map.get(key) ?? []), name]);
  };
  const all: { section: number; place: number; candidate: Candidate }[] = [];

  problem.sections.forEach((section, index) => {
    const away: string[] = [];
    section.candidates.forEach((candidate, place) => {
      all.push({ section: index, place, candidate });
      const ways = candidate.options.map((option, way) => {
        const name = `x_${at(index, place)}_${way}`;
        whole.push(name);
        gain(option.value, name);
        away.push(term(option.units, name));
        return name;
      });
      rows.push(`${sumOf(ways)} - y_${at(index, place)} = 0`);
      bounds.push(`0 <= y_${at(index, place)} <= 1`);
      if (candidate.pinned) rows.push(`y_${at(index, place)} = 1`);
      if (candidate.place !== undefined) {
        const last = candidate.place === 'last';
        const others = last ? section.candidates.slice(place + 1) : section.candidates.slice(0, place);
        const first = last ? place + 1 : 0;
        const names = others.map((_, offset) => `y_${at(index, first + offset)}`);
        const count = candidate.place === 'last' ? 0 : candidate.place - 1;
        if (names.length > 0) rows.push(`${sumOf(names)} = ${count}`);
        else if (count > 0) rows.push(`y_${at(index, place)} = 0`);
      }
      section.candidates.slice(place + 1).forEach((after, further) => {
        const name = `a_${at(index, place)}_${place + 1 + further}`;
        whole.push(name);
        gain(-pairCost(problem, candidate, after), name);
        push(outOf, at(index, place), name);
        push(into, at(index, place + 1 + further), name);
      });
      if (index === 0) {
        whole.push(`b_${at(index, place)}`);
        push(into, at(index, place), `b_${at(index, place)}`);
      }
      if (index === problem.sections.length - 1) {
        whole.push(`e_${at(index, place)}`);
        push(outOf, at(index, place), `e_${at(index, place)}`);
      }
      problem.sections[index + 1]?.candidates.forEach((after, next) => {
        const name = `c_${at(index, place)}_${next}`;
        whole.push(name);
        gain(candidate.endStance === after.startStance ? 0 : -problem.stanceCost, name);
        push(outOf, at(index, place), name);
        push(into, at(index + 1, next), name);
      });
    });
    const time = away.join(' ');
    rows.push(`${time} - over_${index} <= ${section.easyToUnits - section.extraUnits}`);
    rows.push(`${time} + under_${index} >= ${section.easyFromUnits - section.extraUnits}`);
    rows.push(`${time} >= ${section.leastUnits - section.extraUnits}`);
    rows.push(`${time} <= ${section.mostUnits - section.extraUnits}`);
    gain(section.heldValue, `held_${index}`);
    rows.push(`held_${index} = 1`);
    gain(-section.awayCost, `over_${index}`);
    gain(-section.awayCost, `under_${index}`);
  });
  for (const { section, place } of all) {
    rows.push(`${sumOf(into.get(at(section, place)) ?? [])} - y_${at(section, place)} = 0`);
    rows.push(`${sumOf(outOf.get(at(section, place)) ?? [])} - y_${at(section, place)} = 0`);
  }
  rows.push(`${sumOf((problem.sections[0]?.candidates ?? []).map((_, place) => `b_0_${place}`))} = 1`);

  const forms = new Map<number, string[]>();
  for (const { section, place, candidate } of all)
    forms.set(candidate.once, [...(forms.get(candidate.once) ?? []), `y_${at(section, place)}`]);
  for (const names of forms.values()) if (names.length > 1) rows.push(`${sumOf(names)} <= 1`);

  for (const { section, place, candidate } of all)
    for (let joint = 1; joint <= candidate.needs; joint <<= 1) {
      if ((candidate.needs & joint) === 0) continue;
      const before = all.filter(
        (other) =>
          (other.candidate.loosens & joint) !== 0 &&
          (other.section < section || (other.section === section && other.place < place)),
      );
      rows.push(
        `y_${at(section, place)} ${before.map((other) => `- y_${at(other.section, other.place)}`).join(' ')} <= 0`,
      );
    }

  const extra = problem.sections.reduce((sum, section) => sum + section.extraUnits, 0);
  const length = problem.sections
    .flatMap((section, index) =>
      section.candidates.flatMap((candidate, place) =>
        candidate.options.map((option, way) => term(option.units, `x_${at(index, place)}_${way}`)),
      ),
    )
    .join(' ');
  const wished = problem.totalUnits - extra;
  rows.push(`${length} - long <= ${wished}`, `${length} + short >= ${wished}`);
  bounds.push(`0 <= long <= ${problem.slackUnits}`, `0 <= short <= ${problem.slackUnits}`);
  gain(-problem.offCost, 'long');
  gain(-problem.offCost, 'short');

  problem.counters.forEach((counter, index) => {
    const adding = all.filter(({ candidate }) => candidate.counts.includes(index));
    if (adding.length === 0) return;
    const steps: string[] = [];
    for (let nth = 1; nth <= adding.length; nth += 1) {
      const worth = gainOf(counter, nth);
      if (worth === -Infinity) break;
      const name = `g_${index}_${nth}`;
      steps.push(name);
      bounds.push(`0 <= ${name} <= 1`);
      gain(worth, name);
    }
    rows.push(
      `${adding.map(({ section, place }) => `+ y_${at(section, place)}`).join(' ')} ${steps.map((name) => `- ${name}`).join(' ')} = 0`,
    );
  });
  return [
    'Maximize',
    ` obj: ${objective.join('\n ')}`,
    'Subject To',
    ...rows.map((row, index) => ` r${index}: ${row}`),
    'Bounds',
    ...bounds.map((row) => ` ${row}`),
    'Binary',
    ` ${whole.join('\n ')}`,
    'End',
  ].join('\n');
}
