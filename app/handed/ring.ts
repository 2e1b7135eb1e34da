import { createElement } from 'react';
import { DAY_MS, readAlmanac, seasonBands, sunLongitudeDeg } from '@/core/almanac';
import type { Customs } from '@/core/customs';
import { phaseName } from '@/core/phases';
import { PALETTES } from '@/handout/drawing/inks';
import type { PictureWish } from '@/handout/drawing/pictures';
import { svgOf } from '@/handout/drawing/svg';
import { YearRing } from '@/ui/rings/YearRing';

/** The year of a place as a ring, today as its hand; without classes: those are somebody’s. */
export async function ringPicture(
  customs: Customs,
  nowMs: number,
  { light, widthPx }: PictureWish,
): Promise<string> {
  const { place } = customs;
  const reading = readAlmanac(nowMs, place, customs);
  const turnDeg = customs.mirrorSouth && place.latitudeDeg < 0 ? 90 : -90;
  const angleAt = (atMs: number): number => sunLongitudeDeg(atMs) + turnDeg;
  const fromMs = seasonBands(nowMs - 200 * DAY_MS, nowMs, place, customs)[0]?.toMs ?? nowMs;
  const bands = seasonBands(fromMs + 1000, fromMs + 365.2422 * DAY_MS, place, customs).map((band) => ({
    phase: band.phase,
    earth: band.earth,
    season: band.season,
    fromDeg: angleAt(band.fromMs),
    toDeg: angleAt(band.toMs),
  }));
  const label = `The year at ${place.name}: the term now is ${reading.term.term.name}, in the time of ${phaseName(reading.season.phase).name}.`;
  // The page’s own ring, as markup: Next lets no page import this, and a route only when it is asked for.
  const { renderToStaticMarkup } = await import('react-dom/server');
  const ring = renderToStaticMarkup(
    createElement(YearRing, {
      bands,
      todayDeg: angleAt(nowMs),
      classes: [],
      turnDeg,
      currentTerm: reading.term.term.id,
      label,
    }),
  );
  return svgOf({
    markup: ring.replace(/^<svg[^>]*>/, '').replace(/<\/svg>$/, ''),
    viewBox: [-330, -330, 660, 660],
    alt: label,
    light,
    pigment: PALETTES[light].phases[reading.season.phase],
    widthPx,
  });
}
