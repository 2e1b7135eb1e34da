import { PHASE_IDS, phaseName, type PhaseId } from '../phases';
import type { WholePattern } from './model';

type Suits = WholePattern['suits'];

/** Words people ask with, and what they mean of a breath (common practice). */
const MEANS: readonly {
  readonly words: RegExp;
  readonly actions?: Suits['actions'];
  readonly dayParts?: Suits['dayParts'];
  readonly phases?: readonly PhaseId[];
}[] = [
  { words: /sleep|night|bed|rest/, actions: ['calms'], dayParts: ['evening'] },
  { words: /calm|quiet|still|nerv|anxi|settle|stress/, actions: ['calms'] },
  { words: /wake|energy|tired|strength|lively/, actions: ['moves'], dayParts: ['morning'] },
  { words: /clear|let go|release|cleans|stale|sigh/, actions: ['clears'] },
  { words: /nourish|feed|store|gather|build/, actions: ['nourishes'] },
  { words: /move|warm|spread/, actions: ['moves'] },
  { words: /morning/, dayParts: ['morning'] },
  { words: /noon|midday/, dayParts: ['midday'] },
  { words: /afternoon/, dayParts: ['afternoon'] },
  { words: /evening/, dayParts: ['evening'] },
  { words: /liver|gallbladder|spring|side/, phases: ['wood'] },
  { words: /heart|summer/, phases: ['fire'] },
  { words: /spleen|stomach|digest|centre/, phases: ['earth'] },
  { words: /lung|autumn|skin/, phases: ['metal'] },
  { words: /kidney|bladder|winter|back/, phases: ['water'] },
];

const SMALL = /^(a|an|the|for|to|of|in|on|my|with|breath|breathing|breathe|pattern|something)$/;

/** How well a pattern answers what is asked in words; 0 where it does not. */
function answers(pattern: WholePattern, question: string): number {
  const { suits, name, pinyin, hanzi, does } = pattern;
  const text = `${name} ${pinyin ?? ''} ${hanzi ?? ''} ${does}`
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();
  let points = 0;
  for (const { words, actions = [], dayParts = [], phases = [] } of MEANS) {
    if (!words.test(question)) continue;
    points += 2 * actions.filter((one) => suits.actions.includes(one)).length;
    points += dayParts.filter((one) => suits.dayParts.includes(one)).length;
    points += 3 * phases.filter((one) => suits.phases.includes(one)).length;
  }
  for (const id of PHASE_IDS)
    if (question.includes(phaseName(id).name.toLowerCase()) && suits.phases.includes(id)) points += 3;
  for (const word of question.split(/[^\p{L}]+/u))
    if (word.length > 2 && !SMALL.test(word)) {
      if (name.toLowerCase().includes(word)) points += 4;
      else if (text.includes(word)) points += 1;
    }
  return points;
}

/** The patterns that answer a question in words ("a breath for sleep"), best first; all of them where nothing is asked. */
export function askPatterns(patterns: readonly WholePattern[], question: string): readonly WholePattern[] {
  const asked = question
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase()
    .trim();
  if (asked === '') return patterns;
  return patterns
    .map((pattern) => ({ pattern, points: answers(pattern, asked) }))
    .filter(({ points }) => points > 0)
    .toSorted((a, b) => b.points - a.points)
    .map(({ pattern }) => pattern);
}
