/**
 * Forms that said the same as another and are one with it now, by the id they had. Practices hold their own copy of a form
 * and stay as they are; briefs, the log, links and running orders find the one that stands for both.
 */
export const MERGED_FORMS: Readonly<Record<string, string>> = {
  pearl: 'small-orbit',
  'centring-spirals': 'storing-circles',
};

/** The id a form goes by today. */
export const presentId = (id: string): string => MERGED_FORMS[id] ?? id;
