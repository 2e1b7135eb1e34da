/** What our own pictures are made of, read back from their markup: for what cannot show SVG. */
export type Shape =
  | {
      readonly kind: 'path';
      readonly classes: readonly string[];
      readonly d: string;
      readonly at: Placing;
      readonly fade: number;
      readonly strokeWidth?: number | undefined;
      readonly fillOpacity?: number | undefined;
    }
  | {
      readonly kind: 'text';
      readonly classes: readonly string[];
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly at: Placing;
    };

/** Moved and scaled evenly: x and y in units of the whole picture. */
export interface Placing {
  readonly x: number;
  readonly y: number;
  readonly scale: number;
}

const TAG = /<(\/?)(g|path|ellipse|text|circle)\b([^>]*?)(\/?)>([^<]*)/g;
/** How much of its ink a shape of a group keeps, by the class of the group: the way into a form is pale. */
const FADES: Readonly<Record<string, number>> = {
  'fig-way': 0.42,
  'fig-ghost': 0.22,
  'fig-far': 0.28,
  'fig-other': 0.45,
};

const attribute = (text: string, name: string): string | undefined =>
  new RegExp(`(?:^|\\s)${name}="([^"]*)"`).exec(text)?.[1];
const number = (text: string, name: string): number => Number(attribute(text, name) ?? 0);
const optional = (text: string, name: string): number | undefined => {
  const value = attribute(text, name);
  return value === undefined ? undefined : Number(value);
};

const plain = (text: string): string =>
  text
    .replace(/&#(\d+);/g, (_, code: string) => String.fromCodePoint(Number(code)))
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&quot;/g, '"')
    .replace(/&amp;/g, '&');

function placed(parent: Placing, transform: string | undefined): Placing {
  const move = /translate\((-?[\d.]+)[ ,]+(-?[\d.]+)\)/.exec(transform ?? '');
  const scale = Number(/scale\((-?[\d.]+)\)/.exec(transform ?? '')?.[1] ?? 1);
  return {
    x: parent.x + Number(move?.[1] ?? 0) * parent.scale,
    y: parent.y + Number(move?.[2] ?? 0) * parent.scale,
    scale: parent.scale * scale,
  };
}

const ellipse = (text: string): string => {
  const [cx, cy] = [number(text, 'cx'), number(text, 'cy')];
  const rx = optional(text, 'rx') ?? number(text, 'r');
  const ry = optional(text, 'ry') ?? number(text, 'r');
  return `M${cx - rx} ${cy}A${rx} ${ry} 0 1 1 ${cx + rx} ${cy}A${rx} ${ry} 0 1 1 ${cx - rx} ${cy}Z`;
};

const STEP = /([MQTLZ])((?:\s*-?[\d.]+)*)/g;

/**
 * A softened outline with every control spot told: some readers of paths mistake where a smooth curve (T) takes its own from.
 */
export function toldInFull(d: string): string {
  if (!d.includes('T')) return d;
  let [x, y, cx, cy] = [0, 0, 0, 0];
  let path = '';
  for (const [, command = '', numbers = ''] of d.matchAll(STEP)) {
    const values = (numbers.match(/-?[\d.]+/g) ?? []).map(Number);
    const [a = 0, b = 0, c = 0, e = 0] = values;
    if (command === 'T') {
      // The control spot is the one before it, turned about where the pen is (SVG 1.1 §8.3.7).
      [cx, cy] = [2 * x - cx, 2 * y - cy];
      path += `Q${round(cx)} ${round(cy)} ${a} ${b}`;
      [x, y] = [a, b];
    } else if (command === 'Q') {
      path += `Q${a} ${b} ${c} ${e}`;
      [cx, cy, x, y] = [a, b, c, e];
    } else {
      path += command === 'Z' ? 'Z' : `${command}${a} ${b}`;
      if (command !== 'Z') [x, y, cx, cy] = [a, b, a, b];
    }
  }
  return path;
}

const round = (value: number): number => Math.round(value * 100) / 100;

/** The shapes of a picture of ours in the order they are drawn. Groups may be moved and scaled evenly, nothing else. */
export function shapesOf(markup: string): readonly Shape[] {
  const shapes: Shape[] = [];
  const groups: { readonly at: Placing; readonly fade: number }[] = [
    { at: { x: 0, y: 0, scale: 1 }, fade: 1 },
  ];
  for (const [, closes, tag, attributes = '', , content = ''] of markup.matchAll(TAG)) {
    const here = groups[groups.length - 1];
    if (!here) break;
    const classes = (attribute(attributes, 'class') ?? '').split(' ').filter(Boolean);
    const fade = classes.reduce((share, name) => share * (FADES[name] ?? 1), here.fade);
    if (tag === 'g') {
      if (closes) groups.pop();
      else groups.push({ at: placed(here.at, attribute(attributes, 'transform')), fade });
    } else if (!closes && tag === 'text')
      shapes.push({
        kind: 'text',
        classes,
        x: number(attributes, 'x'),
        y: number(attributes, 'y'),
        text: plain(content),
        at: here.at,
      });
    else if (!closes)
      shapes.push({
        kind: 'path',
        classes,
        d: tag === 'path' ? toldInFull(attribute(attributes, 'd') ?? '') : ellipse(attributes),
        at: placed(here.at, attribute(attributes, 'transform')),
        fade,
        strokeWidth: optional(attributes, 'stroke-width'),
        fillOpacity: optional(attributes, 'fill-opacity'),
      });
  }
  return shapes;
}
