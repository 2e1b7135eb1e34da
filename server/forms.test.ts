import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE, type Form } from '../core/forms';
import { blankForm } from '../core/forms/own/drafting';
import { edit } from '../core/practice';
import { composeRoomData } from './composeRoom';
import { openHere } from './open.test.data';
import {
  addOwnForms,
  listBinnedForms,
  practicesUsing,
  readOwn,
  readOwnForm,
  readRepertoire,
  readWords,
  saveOwnForm,
  saveWords,
  setFormBinned,
} from './forms';
import { createPractice, readPractice } from './practices';
import type { OwnDatabase } from './sql';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-forms-'));
const NOW = Date.UTC(2026, 10, 25, 6, 20);
let open: OwnDatabase;
const mine: Form = blankForm('own-spring-abc', "Spring's <b>own</b> 氣");

beforeAll(async () => {
  open = await openHere({
    folder: path.join(base, 'data'),
    migrations: path.resolve('db/migrations'),
    demo: false,
  });
}, 60_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

describe('forms of one’s own', () => {
  it('join the repertoire, whole as they were written', async () => {
    await addOwnForms(open, [mine], NOW);
    expect((await readRepertoire(open)).length).toBe(REPERTOIRE.length + 1);
    expect((await readOwnForm(open, mine.id))?.form).toEqual(JSON.parse(JSON.stringify(mine)));
  });

  it('are added all or none', async () => {
    const other = blankForm('own-other-abc', 'Other');
    await expect(addOwnForms(open, [other, mine], NOW)).rejects.toThrow();
    expect(await readOwnForm(open, other.id)).toBeUndefined();
  });

  it('are saved on the version they were opened at, and never overwritten unseen', async () => {
    expect(await saveOwnForm(open, { ...mine, name: 'Spring' }, 1, NOW)).toEqual({ ok: true, version: 2 });
    expect(await saveOwnForm(open, { ...mine, name: 'Autumn' }, 1, NOW)).toEqual({
      ok: false,
      code: 'changed-elsewhere',
      version: 2,
    });
    expect((await readOwnForm(open, mine.id))?.form.name).toBe('Spring');
    expect(await saveOwnForm(open, blankForm('own-none', 'None'), 1, NOW)).toEqual({
      ok: false,
      code: 'missing',
    });
  });

  it('go into the bin and come back', async () => {
    expect(await setFormBinned(open, mine.id, true, NOW)).toBe(true);
    expect((await readOwn(open)).forms).toEqual([]);
    expect(await listBinnedForms(open)).toEqual([{ id: mine.id, name: 'Spring' }]);
    expect(await setFormBinned(open, mine.id, false, NOW)).toBe(true);
    expect((await readOwn(open)).forms.map((form) => form.id)).toEqual([mine.id]);
    expect(await setFormBinned(open, 'own-none', true, NOW)).toBe(false);
  });
});

describe('own words', () => {
  it('lie over a shipped form and are taken away by saying nothing', async () => {
    await saveWords(
      open,
      { formId: 'cloud-hands', cues: { 'cycle.0': 'Clouds gather.' }, note: 'On windy days.' },
      0,
      NOW,
    );
    const form = (await readRepertoire(open)).find((candidate) => candidate.id === 'cloud-hands');
    expect(form?.cycle[0]?.cue).toBe('Clouds gather.');
    expect((await readWords(open, 'cloud-hands')).words?.note).toBe('On windy days.');
    expect(await saveWords(open, { formId: 'cloud-hands', cues: {}, note: ' ' }, 1, NOW)).toEqual({
      ok: true,
      version: 2,
    });
    expect((await readWords(open, 'cloud-hands')).words).toBeUndefined();
    expect((await readOwn(open)).words).toEqual([]);
    // A window that still shows the old words cannot bring them back unseen.
    const stale = { formId: 'cloud-hands', cues: { 'cycle.0': 'Clouds gather.' } };
    expect(await saveWords(open, stale, 1, NOW)).toEqual({
      ok: false,
      code: 'changed-elsewhere',
      version: 2,
    });
    expect(await saveWords(open, stale, 0, NOW)).toMatchObject({ ok: false });
  });
});

describe('a practice and its forms', () => {
  it('keeps a form as it was written, says that it changed, and takes the change when asked', async () => {
    const result = compose({
      brief: { ...PLAIN_BRIEF, minutes: 8 },
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
      enough: 0.5,
    });
    if (!result.ok) throw new Error('expected a practice');
    await createPractice(open, 'p1', result.practice, NOW);
    const stored = (await readPractice(open, 'p1'))?.practice;
    if (!stored) throw new Error('expected it back');
    expect((await composeRoomData(open, stored)).changedForms).toEqual([]);
    const used = stored.items[0]?.formId ?? '';
    expect(await practicesUsing(open, used)).toEqual([{ id: 'p1', name: result.practice.name }]);
    await saveWords(open, { formId: used, name: 'My own name for it', cues: {} }, 0, NOW);
    const { changedForms } = await composeRoomData(open, stored);
    expect(changedForms.map((form) => form.name)).toEqual(['My own name for it']);
    expect((await readPractice(open, 'p1'))?.practice.forms[used]?.name).not.toBe('My own name for it');
    const taken = edit(stored, { kind: 'take-forms', forms: changedForms });
    expect(taken.forms[used]?.name).toBe('My own name for it');
    expect((await composeRoomData(open, taken)).changedForms).toEqual([]);
    const without: Form = { ...(changedForms[0] as Form), smaller: undefined, seated: undefined };
    const smaller = {
      ...stored,
      items: stored.items.map((item) => ({
        ...item,
        variant: item.formId === used ? ('smaller' as const) : item.variant,
      })),
    };
    expect(edit(smaller, { kind: 'take-forms', forms: [without] }).items[0]?.variant).toBe('full');
  });
});
