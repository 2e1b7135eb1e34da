import { inksOf, mixed, type Palette } from './inks';
import { shapesOf } from './shapes';

/** What a canvas needs of a place to draw: the same in a page and in a worker. */
type Context = OffscreenCanvasRenderingContext2D;

/** Draws one of our pictures (paths only) on a canvas, its origin at a place. */
export function paint(
  context: Context,
  markup: string,
  { x, y, scale }: { readonly x: number; readonly y: number; readonly scale: number },
  palette: Palette,
  pigment: string,
): void {
  const inks = inksOf(palette, pigment);
  for (const shape of shapesOf(markup)) {
    if (shape.kind !== 'path') continue;
    const ink = shape.classes.reduce((all, name) => ({ ...all, ...inks[name] }), {} as (typeof inks)[string]);
    const path = new Path2D(shape.d);
    const thin = (colour: string): string =>
      shape.fade < 1 ? mixed(colour, palette.leaf, shape.fade) : colour;
    context.save();
    context.translate(x + shape.at.x * scale, y + shape.at.y * scale);
    context.scale(shape.at.scale * scale, shape.at.scale * scale);
    if (ink.fill !== undefined) {
      context.globalAlpha = shape.fillOpacity ?? ink.fillOpacity ?? 1;
      context.fillStyle = thin(ink.fill);
      context.fill(path);
    }
    if (ink.stroke !== undefined) {
      context.globalAlpha = ink.strokeOpacity ?? 1;
      context.strokeStyle = thin(ink.stroke);
      context.lineWidth = shape.strokeWidth ?? ink.strokeWidth ?? 1;
      context.stroke(path);
    }
    context.restore();
  }
}
