import type { TimeLearnt, WhatNext } from '@/core/log';
import { plural } from '@/ui/kit/time';

const percent = (share: number): string => `${Math.max(1, Math.round(Math.abs(share) * 100))} %`;

function timeText(time: TimeLearnt): string {
  switch (time.kind) {
    case 'as-planned':
      return 'It plans the same times: what was led took as long as was planned.';
    case 'pace':
      return `It plans ${time.name} ${percent(time.share)} ${time.share > 0 ? 'longer' : 'shorter'}, as you led it.`;
    case 'talk':
      return `It leaves ${plural(Math.max(1, Math.round(Math.abs(time.bySec))), 'second')} ${time.bySec > 0 ? 'more' : 'less'} to talk before ${time.name}.`;
    case 'first':
      return `It plans the first repetition of ${time.name} ${time.factor.toFixed(1)} times as long as a later one.`;
    default:
      return time satisfies never;
  }
}

const LISTED = 3;

/** The two sentences of what the next draft does otherwise. */
export function whatNextText({ time, choice }: WhatNext): string {
  const { given, leftOut } = choice;
  const named = leftOut.slice(0, LISTED).join(', ');
  const more = leftOut.length > LISTED ? ` and ${leftOut.length - LISTED} more` : '';
  const left =
    leftOut.length === 0
      ? ''
      : `; ${named}${more}, left out today, ${leftOut.length === 1 ? 'counts' : 'count'} as not given`;
  return `${timeText(time)} It looks first beyond the ${plural(given, 'form')} given today${left}.`;
}
