import { patternOf, type BreathPattern, type WholePattern } from '../patterns';
import { soundById, type Sound } from '../sounds';

/** An item, as far as layers lie on it. */
interface Carrying {
  readonly breathing?: { readonly pattern: string } | undefined;
  readonly sound?: 'none' | { readonly sound: string } | undefined;
}

/** Own patterns and sounds a practice holds, beside those that are shipped. */
export interface OwnLayers {
  readonly patterns?: Readonly<Record<string, WholePattern>> | undefined;
  readonly sounds?: Readonly<Record<string, Sound>> | undefined;
}

/** Own patterns and sounds of one place and another; where both have one of an id, that of the second. */
export const layersWith = (some: OwnLayers | undefined, others: OwnLayers): OwnLayers => ({
  patterns: { ...some?.patterns, ...others.patterns },
  sounds: { ...some?.sounds, ...others.sounds },
});

/** Of own patterns and sounds those that some items carry: what a practice of them holds. */
export function layersCarried(
  items: readonly Carrying[],
  { patterns = {}, sounds = {} }: OwnLayers = {},
): OwnLayers {
  const carried = new Set(
    items.flatMap(({ breathing, sound }) => [
      breathing?.pattern,
      typeof sound === 'object' ? sound.sound : undefined,
    ]),
  );
  const of = <Row>(rows: Readonly<Record<string, Row>>): Readonly<Record<string, Row>> =>
    Object.fromEntries(Object.entries(rows).filter(([id]) => carried.has(id)));
  const held = { patterns: of(patterns), sounds: of(sounds) };
  return {
    ...(Object.keys(held.patterns).length > 0 ? { patterns: held.patterns } : {}),
    ...(Object.keys(held.sounds).length > 0 ? { sounds: held.sounds } : {}),
  };
}

/** The breath pattern of an id: the practice’s own, or a shipped one. */
export const patternIn = ({ patterns }: OwnLayers, id: string): BreathPattern | undefined =>
  patterns?.[id] ?? patternOf(id);

/** The sound of an id: the practice’s own, or a shipped one. */
export const soundIn = ({ sounds }: OwnLayers, id: string): Sound | undefined =>
  sounds?.[id] ?? soundById(id);
