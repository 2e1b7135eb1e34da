import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { patternFrom, PATTERNS, type WholePattern } from '../core/patterns';
import { soundById, soundFrom, type Sound } from '../core/sounds';
import { openHere } from './open.test.data';
import { listBinnedLayers, listLayers, readLayer, readOwnLayers, saveLayer, setLayerBinned } from './layers';
import { sql, type OwnDatabase } from './sql';
import { rawOf } from './unreadable';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-layers-'));
const NOW = Date.UTC(2026, 10, 28, 6, 20);
let open: OwnDatabase;
let breath: WholePattern;
let sound: Sound;

beforeAll(async () => {
  open = await openHere({
    folder: path.join(base, 'data'),
    migrations: path.resolve('db/migrations'),
    demo: false,
  });
  const [natural] = PATTERNS;
  const lung = soundById('lung-standard');
  if (!natural || !lung) throw new Error('expected both');
  breath = { ...patternFrom(natural, 'own-tide'), name: "The tide's <b>breath</b> 息" };
  sound = { ...soundFrom(lung, 'own-shingle'), written: 'shaa' };
}, 60_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

describe('breaths and sounds of one’s own', () => {
  it('are kept whole, each kind by itself', async () => {
    expect(await saveLayer(open, { kind: 'breath', layer: breath }, 0, NOW)).toEqual({
      ok: true,
      version: 1,
    });
    expect(await saveLayer(open, { kind: 'sound', layer: sound }, 0, NOW)).toEqual({ ok: true, version: 1 });
    expect(await readOwnLayers(open)).toEqual(
      JSON.parse(JSON.stringify({ patterns: { 'own-tide': breath }, sounds: { 'own-shingle': sound } })),
    );
    expect(await readLayer(open, 'sound', 'own-tide')).toBeUndefined();
  });

  it('are never overwritten unseen', async () => {
    const named = (name: string) => ({ kind: 'breath' as const, layer: { ...breath, name } });
    expect(await saveLayer(open, named('Ebb'), 1, NOW)).toEqual({ ok: true, version: 2 });
    expect(await saveLayer(open, named('Flood'), 1, NOW)).toEqual({
      ok: false,
      code: 'changed-elsewhere',
      version: 2,
    });
    expect(await saveLayer(open, named('Flood'), 0, NOW)).toMatchObject({ ok: false, version: 2 });
    expect((await readLayer(open, 'breath', 'own-tide'))?.layer).toMatchObject({ name: 'Ebb' });
    expect(
      await saveLayer(open, { kind: 'sound', layer: { ...sound, id: 'own-none' } }, 3, NOW),
    ).toMatchObject({ ok: false, version: 0 });
  });

  it('go into the bin and come back', async () => {
    expect(await setLayerBinned(open, 'breath', 'own-tide', true, NOW)).toBe(true);
    expect((await listLayers(open, 'breath')).readable).toEqual([]);
    expect((await readOwnLayers(open)).patterns).toEqual({});
    expect(await listBinnedLayers(open, 'breath')).toEqual([{ id: 'own-tide', name: 'Ebb' }]);
    expect(await setLayerBinned(open, 'breath', 'own-tide', false, NOW)).toBe(true);
    expect((await listLayers(open, 'breath')).readable).toHaveLength(1);
    expect(await setLayerBinned(open, 'breath', 'own-nothing', true, NOW)).toBe(false);
  });

  it('that cannot be read stand apart, and close no room', async () => {
    await open.rows(sql`
      insert into own_layer (kind, id, document, version, created_at, updated_at)
      values ('sound', 'own-later', ${JSON.stringify({ documentVersion: 99, written: 'ommm' })}::jsonb, 1, ${new Date(NOW)}, ${new Date(NOW)})`);
    const { readable, unreadable } = await listLayers(open, 'sound');
    expect(readable.map(({ layer }) => layer.id)).toEqual(['own-shingle']);
    expect(unreadable).toEqual([
      { kind: 'sound', id: 'own-later', name: 'ommm', problem: { code: 'newer', version: 99, reads: 0 } },
    ]);
    expect(await rawOf(open, 'sound', 'own-later')).toMatchObject({ document: { written: 'ommm' } });
    expect(Object.keys((await readOwnLayers(open)).sounds ?? {})).toEqual(['own-shingle']);
  });
});
