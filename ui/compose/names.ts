import type { Practice } from '@/core/practice';
import { themeName } from '@/ui/words/names';

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** A name for a practice nobody has named yet. */
export const nameFor = (practice: Practice): string =>
  `${capital(
    themeName(practice.brief.theme, (id) => practice.forms[id]?.name ?? id.replaceAll('-', ' ')).replace(
      /^the /,
      '',
    ),
  )}, ${practice.brief.minutes} minutes`.slice(0, 120);
