import type { Practice } from '@/core/practice';
import { shorten } from '@/core/text/text';
import { themeName } from '@/ui/words/names';

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** A name for a practice nobody has named yet. */
export const nameFor = (practice: Practice): string => shorten(longName(practice), 120);

const longName = (practice: Practice): string =>
  `${capital(
    themeName(practice.brief.theme, (id) => practice.forms[id]?.name ?? id.replaceAll('-', ' ')).replace(
      /^the /,
      '',
    ),
  )}, ${practice.brief.minutes} minutes`;
