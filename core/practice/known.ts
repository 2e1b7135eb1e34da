import { patternOf, type BreathPattern } from '../patterns';
import { soundById, type Sound } from '../sounds';

/** Own patterns and sounds a practice holds, beside those that are shipped. */
export interface OwnLayers {
  readonly patterns?: Readonly<Record<string, BreathPattern>> | undefined;
  readonly sounds?: Readonly<Record<string, Sound>> | undefined;
}

/** The breath pattern of an id: the practice’s own, or a shipped one. */
export const patternIn = ({ patterns }: OwnLayers, id: string): BreathPattern | undefined =>
  patterns?.[id] ?? patternOf(id);

/** The sound of an id: the practice’s own, or a shipped one. */
export const soundIn = ({ sounds }: OwnLayers, id: string): Sound | undefined =>
  sounds?.[id] ?? soundById(id);
