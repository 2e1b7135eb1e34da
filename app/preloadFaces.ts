import { preload } from 'react-dom';
import { facePaths } from '@/server/build';

/** Faces of what is seen first on any page; the others come when they are wanted (ui/kit/FacesStart.tsx). */
export const EVERYWHERE = [
  'alegreya-latin-wght-normal',
  'alegreya-latin-wght-italic',
  'alegreya-sans-latin-400-normal',
  'alegreya-sans-latin-500-normal',
  'alegreya-sans-latin-700-normal',
  'alegreya-sans-latin-ext-400-normal',
] as const;

/** Faces of pinyin that is stressed, and of most characters. */
export const OF_TERMS = ['alegreya-sans-latin-ext-500-normal', 'hanzi-1'] as const;

/** Has the browser fetch faces at once: a page whose letters come after it has been drawn is drawn twice, and jumps. */
export function preloadFaces(names: readonly string[]): void {
  for (const face of facePaths(names))
    preload(face, { as: 'font', type: 'font/woff2', crossOrigin: 'anonymous' });
}
