import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { draftedFor } from '@/core/formats/formats.test.data';
import { homeworkSheetOf } from '@/ui/homework/homeworkSheetOf';
import type { MovingData } from './data';
import { movingPage } from './movingPage';

const { practice, timeline } = draftedFor({ minutes: 5 });
const asked = {
  audience: 'people',
  conditions: ['high-blood-pressure'],
  isForOne: true,
  prescribed: { daysAWeek: 5, first: '2026-12-01', weeks: 3 },
  chosen: undefined,
} as const;
const name = 'Tea & </script><b>“loft”</b>';
const sheet = { ...homeworkSheetOf(practice, asked), title: name };

beforeAll(() => {
  // The page carries a bundle, made before the application is.
  expect(spawnSync(process.execPath, ['scripts/player.mjs']).status).toBe(0);
});

/** What stands between two marks of a page. */
const between = (page: string, from: string, to: string): string => {
  const begin = page.indexOf(from) + from.length;
  return page.slice(begin, page.indexOf(to, begin));
};

describe('a page that moves', () => {
  it('is one file of at most 150 kB for five forms, and asks nothing of anybody', async () => {
    const five = { ...sheet, forms: sheet.forms.slice(0, 5) };
    const page = await movingPage(five, practice, timeline, 'mirror');
    expect(five.forms).toHaveLength(5);
    expect(Buffer.byteLength(page)).toBeLessThanOrEqual(150_000);
    expect(page).not.toMatch(/(?:src|href)="(?!data:)/);
    expect(page).not.toMatch(/https?:\/\/(?!www\.w3\.org)/);
  });

  it('lets in its one script and its one style by what they are, and nothing typed ends either', async () => {
    const page = await movingPage(sheet, practice, timeline, 'own');
    const policy = between(page, 'http-equiv="Content-Security-Policy" content="', '"');
    const hash = (text: string): string => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain(`script-src ${hash(between(page, '</script><script>', '</script>'))}`);
    expect(policy).toContain(`style-src ${hash(between(page, '<style>', '</style>'))}`);
    expect(policy).not.toContain('unsafe');
    expect(page.split('<script').length).toBe(3);
    expect(page).not.toContain('<b>“loft”');
  });

  it('goes through the strokes of the timeline, as long as they are there', async () => {
    const page = await movingPage(sheet, practice, timeline, 'mirror');
    const data = JSON.parse(between(page, 'id="data">', '</script>')) as MovingData;
    expect(data.forms.map((form) => form.name)).toEqual(sheet.forms.map((form) => form.name));
    for (const [index, form] of data.forms.entries()) {
      const led = timeline.events.filter(
        ({ itemId, kind, lengthMs }) =>
          itemId === sheet.forms[index]?.id && kind === 'stroke' && lengthMs > 0,
      );
      const ms = form.strokes.filter(({ count }) => count !== '').reduce((sum, one) => sum + one.ms, 0);
      expect(ms).toBe(
        led.filter(({ repetition }) => repetition > 0).reduce((sum, one) => sum + one.lengthMs, 0),
      );
      for (const { movement } of form.strokes)
        for (const key of data.movements[movement]?.keys ?? [-1]) expect(data.goals[key]).toBeDefined();
    }
  });

  it('says the words without its script too, and when to stop, and names no condition', async () => {
    const page = await movingPage(sheet, practice, timeline, 'mirror');
    const said = page.replace(/<script[\s\S]*$/, '');
    for (const form of sheet.forms) expect(said).toContain(form.name);
    expect(said).toContain('Stop on pain, dizziness');
    expect(said).not.toMatch(/blood pressure/i);
  });
});
