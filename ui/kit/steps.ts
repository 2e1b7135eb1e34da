import { STEPS_TYPE, type StepLine } from '@/core/archive/steps';
import { readAnswer, type Answer } from './answer';

/** Whether anything was done is not known here. */
const WENT_AWAY =
  'The server went away before it answered: what it was doing is done whole or not at all. Look again.';

/** Asks for something that may take a while: how far it is, 0 to 1, is told on the way. Aborting stops it on the server too. */
export async function readInSteps<Value>(
  href: string,
  asked: RequestInit,
  onShare: (share: number) => void,
): Promise<Answer<Value>> {
  return readAnswer<Value>(async () => {
    const headers = new Headers(asked.headers);
    headers.set('accept', `${STEPS_TYPE}, application/json`);
    const answer = await fetch(href, { ...asked, headers });
    if (!answer.body || !answer.headers.get('content-type')?.startsWith(STEPS_TYPE)) return answer;
    const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
    let held = '';
    for (;;) {
      // An end without an answer and a line that breaks are the same: the server went away on the way.
      const { done, value = '' } = await reader.read().catch(() => ({ done: true, value: '' }));
      const lines = (held + value).split('\n');
      held = lines.pop() ?? '';
      for (const line of lines) {
        const told = JSON.parse(line) as StepLine;
        if ('share' in told) onShare(told.share);
        else return Response.json(told.body, { status: told.status });
      }
      if (done) return Response.json({ problem: { message: WENT_AWAY } }, { status: 502 });
    }
  });
}
