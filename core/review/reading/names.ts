import { CHANNELS, POINT_CODES, type ChannelId, type PointCode } from '../../channels';
import { ORGANS, PHASE_IDS, phaseName, type OrganId, type PhaseId } from '../../phases';
import { sentencesOf } from './sentences';

/** What a sentence speaks of by name. */
export interface NamesSaid {
  readonly organs: readonly OrganId[];
  readonly phases: readonly PhaseId[];
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
}

/** Of an organ or phase, and not of a place of the body or a thing of the world. */
const SERVED =
  '(?:clean|clear|cool|feed|nourish|open|serve|strengthen|tonif|warm)\\w* (?:the |your )?|(?:the )?(?:sound|turn|time|hour|season|form|piece) (?:of|for) (?:the )?';
const AFTER = "(?= phase| qi\\b| channel| meridian| sound|[’']s (?:sound|turn|form|time|hour))";
const saysByName = (text: string, name: string): boolean =>
  new RegExp(`(?<=[^.!?\\s]\\s+)${name}s?\\b|\\b${name}s?\\b${AFTER}`).test(text);
const says = (text: string, name: string): boolean =>
  saysByName(text, name) || new RegExp(`\\b(?:${SERVED})${name}s?\\b`, 'i').test(text);

const codes: ReadonlySet<string> = new Set(POINT_CODES);
const isCode = (code: string): code is PointCode => codes.has(code);

/** The channels a text names: "the Lung channel", "the Lung and Spleen channels", "the Governing vessel". */
const channelsIn = (text: string): readonly ChannelId[] =>
  CHANNELS.filter(({ name }) => {
    const [, own = name, kind = 'channel'] = /^(.+) (channel|vessel)$/.exec(name) ?? [];
    return new RegExp(
      `\\b${own}(?:(?:,| and| or)(?: the)? \\w+(?: \\w+)?)? (?:${kind}|meridian|line)s?\\b`,
      'i',
    ).test(text);
  }).map(({ id }) => id);

/** What each sentence of a text names; one that names nothing is left out. */
export const readNames = (text: string): readonly NamesSaid[] =>
  sentencesOf(text)
    .map((sentence) => ({
      organs: ORGANS.filter(({ name }) => says(sentence, name)).map(({ id }) => id),
      // A phase is told from water, wood and metal by its capital only.
      phases: PHASE_IDS.filter((id) => saysByName(sentence, phaseName(id).name)),
      channels: channelsIn(sentence),
      points: [...sentence.matchAll(/\b(?:[A-Z]{2}|EX-[A-Z]{2})\s?\d{1,2}\b/g)]
        .map(([code]) => code.replace(/\s/, ''))
        .filter(isCode),
    }))
    .filter(
      ({ organs, phases, channels, points }) =>
        organs.length + phases.length + channels.length + points.length > 0,
    );
