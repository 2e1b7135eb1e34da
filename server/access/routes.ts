/**
 * Who may come where, once the door is open: what is listed here is for anyone, everything else for who has come in. A
 * route that is forgotten is therefore shut, never open.
 */
const ANYONE: readonly { readonly methods: readonly string[]; readonly path: RegExp }[] = [
  // The page to come in by, and what it is made of.
  { methods: ['GET', 'HEAD'], path: /^\/enter$/ },
  { methods: ['POST'], path: /^\/api\/enter$/ },
  { methods: ['GET', 'HEAD'], path: /^\/_next\/static\// },
  { methods: ['GET', 'HEAD'], path: /^\/icon\.svg$/ },
  // Whether it answers, and nothing else.
  { methods: ['GET', 'HEAD'], path: /^\/api\/health$/ },
];

export type WhoMay = 'anyone' | 'owner';

/** A path that means something else once it is read: steps back, doubled strokes, signs written as numbers. */
const isTwisted = (path: string): boolean => /\.\.|\/\.|\/\/|%|\\/.test(path);

/** Who may ask for a path, without its query. */
export const whoMay = (method: string, path: string): WhoMay =>
  !isTwisted(path) && ANYONE.some((one) => one.methods.includes(method) && one.path.test(path))
    ? 'anyone'
    : 'owner';

/** Where somebody goes on after coming in: a path of ours and nothing that leads away. */
export const goesOn = (asked: string | null | undefined): string =>
  asked && /^\/(?![/\\])[^\s\\]{0,500}$/.test(asked) && !asked.startsWith('/enter') ? asked : '/';
