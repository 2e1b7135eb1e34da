import { STEPS_TYPE } from '@/core/archive/steps';
import { readInSteps } from './steps';

const usual = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = usual;
});

/** A server that answers in these pieces. */
function answers(
  pieces: readonly string[],
  type: string = STEPS_TYPE,
  status = 200,
): { accept?: string | null } {
  const asked: { accept?: string | null } = {};
  globalThis.fetch = (_, init) => {
    asked.accept = new Headers(init?.headers).get('accept');
    const body = new ReadableStream<Uint8Array>({
      start: (controller) => {
        for (const piece of pieces) controller.enqueue(new TextEncoder().encode(piece));
        controller.close();
      },
    });
    return Promise.resolve(new Response(body, { status, headers: { 'content-type': type } }));
  };
  return asked;
}

describe('an answer in steps', () => {
  it('tells how far it is, wherever the lines are cut, and is the answer at its end', async () => {
    const asked = answers(['{"share":0.', '1}\n{"share":0.6}\n{"status":200,', '"body":{"parts":3}}\n']);
    const shares: number[] = [];
    const answer = await readInSteps('/x', { method: 'POST' }, (share) => shares.push(share));
    expect(answer).toEqual({ ok: true, value: { parts: 3 } });
    expect(shares).toEqual([0.1, 0.6]);
    expect(asked.accept).toContain(STEPS_TYPE);
  });

  it('that refuses is told in its own words, in lines or without', async () => {
    const problem = { problem: { message: 'It is damaged.', field: 'people/a.json' } };
    const told = { ok: false, message: 'It is damaged.', field: 'people/a.json' };
    answers([`{"share":0.5}\n${JSON.stringify({ status: 422, body: problem })}\n`]);
    expect(await readInSteps('/x', {}, () => undefined)).toEqual(told);
    answers([JSON.stringify(problem)], 'application/json', 403);
    expect(await readInSteps('/x', {}, () => undefined)).toEqual(told);
  });

  it('that breaks off is no answer, and does not say that nothing was done', async () => {
    answers(['{"share":0.5}\n{"sta']);
    expect(await readInSteps('/x', {}, () => undefined)).toMatchObject({
      ok: false,
      message: expect.stringContaining('went away before it answered') as string,
    });
  });
});
