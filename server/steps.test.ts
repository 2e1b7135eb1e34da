import { STEPS_TYPE } from '@/core/archive/steps';
import { refuse } from './answers';
import { inSteps, type Step } from './steps';

const request = (accept: string): Request => new Request('http://localhost/', { headers: { accept } });
const linesOf = async (answer: Response): Promise<readonly unknown[]> =>
  (await answer.text())
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line) as unknown);

describe('work that takes a while', () => {
  it('tells how far it is, and its answer at the end, where lines are accepted', async () => {
    const answer = await inSteps(request(STEPS_TYPE), (step) => {
      for (const share of [0, 0.25, 0.251, 0.5, 1]) step(share);
      return Promise.resolve(Response.json({ parts: [] }));
    });
    expect(answer.headers.get('cache-control')).toBe('no-store');
    expect(await linesOf(answer)).toEqual([
      { share: 0.25 },
      { share: 0.5 },
      { share: 1 },
      { status: 200, body: { parts: [] } },
    ]);
  });

  it('is an answer like any other elsewhere', async () => {
    const answer = await inSteps(request('application/json'), (step) => {
      step(0.5);
      return Promise.resolve(refuse(422, { message: 'Not so.' }));
    });
    expect([answer.status, await answer.json()]).toEqual([422, { problem: { message: 'Not so.' } }]);
  });

  it('says what was wrong with its status, refused or unforeseen', async () => {
    const lines = await linesOf(
      await inSteps(request(STEPS_TYPE), () => Promise.resolve(refuse(422, { message: 'Not so.' }))),
    );
    expect(lines).toEqual([{ status: 422, body: { problem: { message: 'Not so.' } } }]);
    const told = console.error;
    console.error = () => undefined;
    const [unforeseen] = await linesOf(
      await inSteps(request(STEPS_TYPE), () => Promise.reject(new Error('secret'))),
    );
    console.error = told;
    expect(unforeseen).toMatchObject({ status: 500 });
    expect(JSON.stringify(unforeseen)).not.toContain('secret');
  });

  it('is stopped where whoever asked leaves', async () => {
    let seen: Step = () => undefined;
    let rejected: unknown;
    const answer = await inSteps(
      request(STEPS_TYPE),
      (step) =>
        new Promise((_, reject) => {
          seen = (share) => {
            try {
              step(share);
            } catch (error) {
              rejected = error;
              reject(error as Error);
            }
          };
        }),
    );
    seen(0.1);
    expect(rejected).toBeUndefined();
    await answer.body?.cancel();
    seen(0.2);
    expect(rejected).toMatchObject({ name: 'Unwanted' });
  });
});
