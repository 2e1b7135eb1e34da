import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const folder = (): string => path.join(/* turbopackIgnore: true */ process.cwd(), '.next');

let known: string | undefined;

/** Which build this server runs, or is said to (NAVUREN_BUILD, for tests of an update); nothing while it is developed. */
export function buildId(): string | undefined {
  if (process.env.NODE_ENV !== 'production') return undefined;
  if (process.env.NAVUREN_BUILD) return process.env.NAVUREN_BUILD;
  try {
    known ??= readFileSync(/* turbopackIgnore: true */ path.join(folder(), 'BUILD_ID'), 'utf8').trim();
  } catch {
    // Started in another way than ours: it works, and not without the server.
  }
  return known;
}

/** The paths of everything the pages of this build are made of; of two cuts of a font the one that browsers take. */
export const buildFiles = (): readonly string[] =>
  readdirSync(/* turbopackIgnore: true */ path.join(folder(), 'static'), {
    recursive: true,
    withFileTypes: true,
  })
    .filter((entry) => entry.isFile() && /\.(js|css|woff2|svg)$/.test(entry.name))
    .map((entry) => path.relative(folder(), path.join(entry.parentPath, entry.name)))
    .map((file) => `/_next/${file.split(path.sep).join('/')}`)
    .toSorted();

let faces: readonly string[] | undefined;

/** The paths of the faces of these names, without which a page is drawn twice; none while it is developed. */
export function facePaths(names: readonly string[]): readonly string[] {
  if (process.env.NODE_ENV !== 'production') return [];
  faces ??= buildFiles().filter((file) => file.endsWith('.woff2'));
  return faces.filter((file) => names.includes(path.basename(file).split('.')[0] ?? ''));
}
