interface Listed {
  readonly methods: readonly string[];
  readonly path: RegExp;
}

/**
 * Who may come where, once the door is open: what is listed here is for anyone, or for guests, who have the code of a class
 * that is led; everything else is for the teachers who have come in, or the owner alone. A route that is forgotten is
 * therefore shut to strangers, never open.
 */
const ANYONE: readonly Listed[] = [
  // The page to come in by, and what it is made of.
  { methods: ['GET', 'HEAD'], path: /^\/enter$/ },
  { methods: ['POST'], path: /^\/api\/enter$/ },
  { methods: ['GET', 'HEAD'], path: /^\/_next\/static\// },
  { methods: ['GET', 'HEAD'], path: /^\/(icon\.svg|icon-(192|512)\.png|manifest\.webmanifest)$/ },
  // Whether it answers, and nothing else.
  { methods: ['GET', 'HEAD'], path: /^\/api\/health$/ },
  // Where a code is typed, and the empty screen on which its class is shown.
  { methods: ['GET', 'HEAD'], path: /^\/follow(\/[\w-]{1,20})?$/ },
];

/** What is led under a code, to look at: never to change, and nothing else of anyone’s. */
const GUEST: readonly Listed[] = [
  { methods: ['GET', 'HEAD'], path: /^\/api\/follow\/[\w-]{1,20}(\/(stream|clock))?$/ },
];

/**
 * The door itself and who else comes in by it: the owner’s alone, which its handlers see to as well (see `refusalToOthers`).
 * Anything that is not named is for every teacher.
 */
const OWNERS: readonly RegExp[] = [/^\/api\/door($|\/)/, /^\/api\/teachers($|\/)/];

export type WhoMay = 'anyone' | 'guest' | 'teacher' | 'owner';

/** A path that means something else once it is read: steps back, doubled strokes, signs written as numbers. */
const isTwisted = (path: string): boolean => /\.\.|\/\.|\/\/|%|\\/.test(path);

/** Who may ask for a path, without its query. */
export function whoMay(method: string, path: string): WhoMay {
  const isIn = (list: readonly Listed[]): boolean =>
    !isTwisted(path) && list.some((one) => one.methods.includes(method) && one.path.test(path));
  if (isIn(ANYONE)) return 'anyone';
  if (isIn(GUEST)) return 'guest';
  return OWNERS.some((one) => one.test(path)) ? 'owner' : 'teacher';
}

/** Where somebody goes on after coming in: a path of ours and nothing that leads away. */
export const goesOn = (asked: string | null | undefined): string =>
  asked && /^\/(?![/\\])[^\s\\]{0,500}$/.test(asked) && !asked.startsWith('/enter') ? asked : '/';
