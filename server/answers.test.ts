import { z } from 'zod';
import { DatabaseAway } from './postgres';
import { answering, readBody, readText, refuse } from './answers';
import { fileProblemText } from '@/core/formats/fileProblemText';

const post = (body: BodyInit, headers: Record<string, string> = {}): Request =>
  new Request('http://127.0.0.1/x', { method: 'POST', body, headers });
const schema = z.strictObject({
  items: z.array(z.strictObject({ count: z.number().min(1, 'at least one') })),
});
const problemOf = async (answer: Response): Promise<{ message: string; field?: string }> =>
  ((await answer.json()) as { problem: { message: string; field?: string } }).problem;

describe('reading a request', () => {
  it('gives the parsed value', async () => {
    expect(await readBody(post('{"items":[{"count":2}]}'), schema)).toEqual({
      ok: true,
      value: { items: [{ count: 2 }] },
    });
  });

  it('names the field that is wrong and says that nothing was changed', async () => {
    const body = await readBody(post('{"items":[{"count":2},{"count":0}]}'), schema);
    if (body.ok) throw new Error('expected a refusal');
    expect(body.answer.status).toBe(422);
    expect(await problemOf(body.answer)).toEqual({
      message: 'items[1].count: at least one. Nothing was changed.',
      field: 'items[1].count',
    });
  });

  it('refuses what is not JSON', async () => {
    const body = await readBody(post('{'), schema);
    if (body.ok) throw new Error('expected a refusal');
    expect(body.answer.status).toBe(400);
  });

  it('refuses a body that is too large, whether it says so or not', async () => {
    const said = await readText(post('x', { 'content-length': '99999999' }));
    const silent = await readText(post('x'.repeat(2_000_001)));
    for (const body of [said, silent]) {
      if (body.ok) throw new Error('expected a refusal');
      expect(body.answer.status).toBe(413);
    }
    expect(await readText(post('x'.repeat(2_000_000)))).toMatchObject({ ok: true });
  });
});

describe('answering', () => {
  it('passes an answer through and hides what went wrong inside', async () => {
    expect((await answering(async () => refuse(404, { message: 'no' }))).status).toBe(404);
    const loud = console.error;
    console.error = () => {};
    const answer = await answering(async () => {
      throw new Error('secret at line 3');
    });
    console.error = loud;
    expect(answer.status).toBe(500);
    expect((await problemOf(answer)).message).not.toContain('secret');
  });
});

describe('a bad day', () => {
  it('is told in words: no answer of the database, no room on the disk', async () => {
    const loud = console.error;
    console.error = () => {};
    const answers = [];
    for (const error of [
      new DatabaseAway('hall.example:5432/navuren', undefined),
      // As the system says it (errno), and as PostgreSQL does (its manual, appendix A).
      Object.assign(new Error('ENOSPC: no space left on device'), { code: 'ENOSPC' }),
      Object.assign(new Error('could not extend file'), { code: '53100' }),
    ])
      answers.push(
        await answering(async () => {
          throw error;
        }),
      );
    console.error = loud;
    expect(answers.map(({ status }) => status)).toEqual([503, 507, 507]);
    const [away, full] = [(await problemOf(answers[0]!)).message, (await problemOf(answers[1]!)).message];
    expect(away).toMatch(/The database does not answer just now\. What you wrote is still here/);
    expect(away).not.toContain('hall.example');
    expect(full).toMatch(/^The disk is full: nothing was kept of this/);
  });
});

describe('what is wrong with a file', () => {
  it('is said in one or two sentences, ending with what did not happen', () => {
    const problems = [
      { code: 'too-large', bytes: 3_400_000 },
      { code: 'not-json', problem: 'unexpected end' },
      { code: 'too-deep' },
      { code: 'other-format', found: 'else', wanted: 'navuren.practice' },
      { code: 'newer', version: 4, reads: 1 },
      { code: 'field', path: 'practice.name', problem: 'a practice needs a name' },
      { code: 'field', path: '', problem: 'not an object' },
    ] as const;
    for (const problem of problems) expect(fileProblemText(problem)).toMatch(/Nothing was changed\.$/);
    expect(fileProblemText(problems[0])).toContain('3.4 MB');
    expect(fileProblemText(problems[5])).toBe('practice.name: a practice needs a name. Nothing was changed.');
  });
});
