/** Packages that bring no types of their own: what is used of them here. */

declare module 'webvtt-parser' {
  interface Cue {
    readonly startTime: number;
    readonly endTime: number;
    readonly text: string;
  }
  interface Reader {
    parse(
      text: string,
      mode: 'metadata' | 'chapters' | 'subtitles/captions/descriptions',
    ): { readonly cues: readonly Cue[]; readonly errors: readonly { readonly message: string }[] };
  }
  const parser: {
    readonly WebVTTParser: new (entities?: Readonly<Record<string, unknown>>) => Reader;
  };
  export default parser;
}

declare module 'node-webvtt' {
  interface Cue {
    readonly start: number;
    readonly end: number;
    readonly text: string;
  }
  const webvtt: {
    parse(
      text: string,
      options?: { readonly strict?: boolean },
    ): { readonly valid: boolean; readonly cues: readonly Cue[]; readonly errors: readonly unknown[] };
  };
  export default webvtt;
}

declare module 'subset-font' {
  interface Options {
    readonly targetFormat: 'truetype' | 'woff' | 'woff2' | 'sfnt';
    readonly variationAxes?: Readonly<Record<string, number>>;
    /** Tags of OpenType features that are kept; all where nothing is said. */
    readonly keepFeatures?: readonly string[];
    readonly noHinting?: boolean;
  }
  export default function subsetFont(font: Buffer, text: string, options: Options): Promise<Buffer>;
}

declare module 'fontverter' {
  export function convert(font: Buffer, to: 'sfnt'): Promise<Buffer>;
}

declare module 'fontkit' {
  interface Font {
    hasGlyphForCodePoint(codePoint: number): boolean;
    glyphForCodePoint(codePoint: number): { readonly id: number; readonly advanceWidth: number };
    getVariation(axes: Readonly<Record<string, number>>): Font;
    readonly characterSet: readonly number[];
    readonly directory: { readonly tables: Readonly<Record<string, unknown>> };
  }
  export function create(font: Buffer): Font;
}
