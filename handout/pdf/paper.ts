import PDFDocument from 'pdfkit';
import { inksOf, mixed, PALETTES } from '@/handout/drawing/inks';
import { shapesOf } from '@/handout/drawing/shapes';
import { FACES, faceFiles, hanziFiles, type Face, type FontFile } from '../fonts/fonts';
import { setText, type Fonts, type Run, type SetText } from './type';

export const PAPERS = {
  a4: { name: 'A4', widthPt: 595.28, heightPt: 841.89 },
  letter: { name: 'US Letter', widthPt: 612, heightPt: 792 },
  a3: { name: 'A3', widthPt: 841.89, heightPt: 1190.55 },
  a2: { name: 'A2', widthPt: 1190.55, heightPt: 1683.78 },
} as const;
export type PaperId = keyof typeof PAPERS;

export const INK = PALETTES.day;

/** What a document is called and written for. */
export interface PaperAsked {
  readonly title: string;
  readonly size: readonly [widthPt: number, heightPt: number];
  /** Every text that will be set: hanzi that do not ship are cut for it. */
  readonly texts: string;
  /** Along the foot of every page, beside its number. */
  readonly foot: string;
  readonly margin: number;
}

type Structure = PDFKit.PDFStructureElement;
export type { Structure };

/**
 * A document being drawn: tagged (PDF/UA-1), in real letters, figures as vectors with their words. All lengths pt, from
 * the upper left.
 */
export class Paper {
  /** How far down the page is written. */
  y: number;
  readonly width: number;
  readonly left: number;
  readonly root: Structure;
  private readonly chunks: Buffer[] = [];

  private constructor(
    private readonly document: PDFKit.PDFDocument,
    private readonly fonts: Fonts,
    private readonly asked: PaperAsked,
  ) {
    const [wide] = asked.size;
    this.left = asked.margin;
    this.width = wide - 2 * asked.margin;
    this.y = asked.margin;
    document.on('data', (chunk: Buffer) => this.chunks.push(chunk));
    this.root = document.struct('Document');
    document.addStructure(this.root);
  }

  static async begin(asked: PaperAsked): Promise<Paper> {
    const document = new PDFDocument({
      size: [...asked.size],
      margin: 0,
      tagged: true,
      pdfVersion: '1.7',
      // The package writes the mark of PDF/UA-1; its types do not know it yet.
      subset: 'PDF/UA' as string as PDFKit.Mixins.PDFSubsets,
      lang: 'en-GB',
      displayTitle: true,
      bufferPages: true,
      info: { Title: asked.title, Creator: 'Navuren', Producer: 'Navuren' },
    });
    const hanzi = await hanziFiles(asked.texts);
    const faces = new Map<Face, readonly FontFile[]>();
    for (const face of FACES) faces.set(face, [...faceFiles(face), ...hanzi]);
    const registered = new Set<string>();
    const registeredName = (file: FontFile): string => {
      if (!registered.has(file.name)) document.registerFont(file.name, file.bytes);
      registered.add(file.name);
      return file.name;
    };
    const kept = new Map<string, string | undefined>();
    const fonts: Fonts = {
      fileOf: (face, codePoint) => {
        const key = `${face} ${codePoint}`;
        if (!kept.has(key)) {
          const file = faces.get(face)?.find(({ has }) => has(codePoint));
          kept.set(key, file && registeredName(file));
        }
        return kept.get(key);
      },
      widthOf: (file, size, text) => document.font(file, size).widthOfString(text),
    };
    return new Paper(document, fonts, asked);
  }

  get bottom(): number {
    return this.asked.size[1] - this.asked.margin - 14;
  }

  struct(tag: string, into: Structure = this.root): Structure {
    const made = this.document.struct(tag);
    into.add(made);
    return made;
  }

  set(runs: readonly Run[], width = this.width): SetText {
    return setText(runs, width, this.fonts);
  }

  newPage(): void {
    this.document.addPage({ size: [...this.asked.size], margin: 0 });
    this.y = this.asked.margin;
  }

  /** A page more where so much does not fit under what is written. True where there is one. */
  room(height: number): boolean {
    if (this.y + height <= this.bottom || this.y <= this.asked.margin) return false;
    this.newPage();
    return true;
  }

  private lay({ lines }: SetText, x: number, y: number): void {
    let top = y;
    for (const { pieces, height, ascent } of lines) {
      for (const piece of pieces)
        this.document
          .font(piece.file, piece.size)
          .fillColor(piece.colour)
          .text(piece.text, x + piece.x, top + ascent, { lineBreak: false, baseline: 'alphabetic' });
      top += height;
    }
  }

  /** Text on its place, told as what it is: a heading, a paragraph. */
  put(text: SetText, x: number, y: number, into: Structure = this.root, tag = 'P'): void {
    if (text.lines.length === 0) return;
    into.add(this.document.struct(tag, {}, () => this.lay(text, x, y)));
  }

  /** A paragraph under what is written. */
  write(runs: readonly Run[], tag = 'P', after = 0, into: Structure = this.root): void {
    const text = this.set(runs);
    this.room(text.height);
    this.put(text, this.left, this.y, into, tag);
    this.y += text.height + after;
  }

  /** A picture of ours with its origin at a place; `alt` says what it shows. */
  draw(
    markup: string,
    place: { readonly x: number; readonly y: number; readonly scale: number },
    words: {
      readonly alt: string;
      readonly pigment: string;
      readonly bbox: readonly [number, number, number, number];
    },
    into: Structure = this.root,
  ): void {
    const high = this.asked.size[1];
    const [x, y, wide, tall] = words.bbox;
    into.add(
      this.document.struct(
        'Figure',
        {
          alt: words.alt,
          bbox: [x, high - y - tall, x + wide, high - y],
        } as PDFKit.Mixins.StructureElementOptions,
        () => this.shapes(markup, place, words.pigment),
      ),
    );
  }

  private shapes(
    markup: string,
    { x, y, scale }: { x: number; y: number; scale: number },
    pigment: string,
  ): void {
    const inks = inksOf(INK, pigment);
    for (const shape of shapesOf(markup)) {
      const ink = shape.classes.reduce(
        (all, name) => ({ ...all, ...inks[name] }),
        {} as (typeof inks)[string],
      );
      const at = { x: x + shape.at.x * scale, y: y + shape.at.y * scale, scale: shape.at.scale * scale };
      if (shape.kind === 'text') {
        const { family = 'serif', px = 13, strong = false } = ink.font ?? {};
        const face = strong && family === 'serif' ? 'serif-strong' : family;
        const run = { text: shape.text, face, size: px * at.scale, colour: ink.fill ?? INK.ink } as const;
        const text = this.set([run], 1e6);
        this.lay(text, at.x + shape.x * at.scale, at.y + shape.y * at.scale - (text.lines[0]?.ascent ?? 0));
        continue;
      }
      const { document } = this;
      const thin = (colour: string): string =>
        shape.fade < 1 ? mixed(colour, INK.leaf, shape.fade) : colour;
      document.save().translate(at.x, at.y).scale(at.scale).path(shape.d);
      if (ink.stroke !== undefined) {
        document.lineWidth(shape.strokeWidth ?? ink.strokeWidth ?? 1).strokeOpacity(ink.strokeOpacity ?? 1);
        if (ink.round) document.lineCap('round').lineJoin('round');
        if (ink.dash) document.dash(ink.dash[0], { space: ink.dash[1] });
      }
      const opacity = shape.fillOpacity ?? ink.fillOpacity ?? 1;
      if (ink.fill !== undefined && ink.stroke !== undefined)
        document.fillOpacity(opacity).fillAndStroke(thin(ink.fill), thin(ink.stroke));
      else if (ink.fill !== undefined) document.fillOpacity(opacity).fill(thin(ink.fill));
      else document.stroke(thin(ink.stroke ?? INK.ink));
      document.restore();
    }
  }

  /** A hairline, an empty box: nothing to be read. */
  line(fromX: number, toX: number, y: number, colour: string = INK.hairline, width = 0.6): void {
    this.ornament(() =>
      this.document.moveTo(fromX, y).lineTo(toX, y).lineWidth(width).strokeColor(colour).stroke(),
    );
  }

  box(x: number, y: number, wide: number, tall: number): void {
    this.ornament(() => this.document.rect(x, y, wide, tall).lineWidth(0.7).strokeColor(INK.faded).stroke());
  }

  ground(colour: string): void {
    const [wide, tall] = this.asked.size;
    this.ornament(() => this.document.rect(0, 0, wide, tall).fillOpacity(1).fill(colour));
  }

  private ornament(drawn: () => void): void {
    this.document.markContent('Artifact', { type: 'Layout' });
    drawn();
    this.document.endMarkedContent();
  }

  get pages(): number {
    return this.document.bufferedPageRange().count;
  }

  /** Numbers the pages and closes the file. */
  async end(): Promise<Buffer> {
    this.root.end();
    const { margin, foot, size } = this.asked;
    const { count } = this.document.bufferedPageRange();
    for (let page = 0; page < count; page += 1) {
      this.document.switchToPage(page);
      this.document.markContent('Artifact', { type: 'Pagination' });
      const run = (text: string): SetText =>
        this.set([{ text, face: 'sans', size: 8, colour: INK.faded }], this.width * 0.86);
      this.lay(run(foot), margin, size[1] - margin - 2);
      const number = run(`${page + 1} / ${count}`);
      const wide =
        number.lines[0]?.pieces.reduce(
          (most, one) => Math.max(most, one.x + this.fonts.widthOf(one.file, one.size, one.text)),
          0,
        ) ?? 0;
      this.lay(number, size[0] - margin - wide, size[1] - margin - 2);
      this.document.endMarkedContent();
    }
    const done = new Promise<void>((resolve, reject) => {
      this.document.once('end', resolve);
      this.document.once('error', reject);
    });
    this.document.end();
    await done;
    return Buffer.concat(this.chunks);
  }
}
