import type { Practice } from '@/core/practice';
import { capital, shorten } from '@/core/text/text';
import { themeName } from '@/ui/words/names';

/** A name for a practice nobody has named yet. */
export const nameFor = (practice: Practice): string => shorten(longName(practice), 120);

const longName = (practice: Practice): string =>
  `${capital(
    themeName(practice.brief.theme, (id) => practice.forms[id]?.name ?? id.replaceAll('-', ' ')).replace(
      /^the /,
      '',
    ),
  )}, ${practice.brief.minutes} minutes`;
