import fc from 'fast-check';
import type { Practice } from '@/core/practice';
import { Saver, type Heard, type SaveState, type Unsaved } from './saver';

/** The saver looks at no field of a practice. */
const practice = (name: string): Practice => ({ name }) as Practice;

/** A server as ours answers: versions, and saves known by their id. */
class Server {
  readonly versions: { readonly saveId: string; readonly name: string }[] = [];
  id: string | undefined;
  /** What becomes of the next requests: heard, stored but unheard, or lost on the way. */
  fate: ('heard' | 'stored' | 'lost')[] = [];

  take(id: string | undefined, body: { practice: Practice; baseVersion: number; saveId: string }): Heard {
    const fate = this.fate.shift() ?? 'heard';
    if (fate === 'lost') return { code: 'unheard' };
    const heard = this.store(id, body);
    return fate === 'stored' ? { code: 'unheard' } : heard;
  }

  private store(
    id: string | undefined,
    body: { practice: Practice; baseVersion: number; saveId: string },
  ): Heard {
    const known = this.versions.findIndex(({ saveId }) => saveId === body.saveId);
    if (id === undefined && known < 0) this.id = 'p';
    else if (known >= 0 && known === this.versions.length - 1)
      return { code: 'saved', id: this.id, version: known + 1 };
    else if (body.baseVersion !== this.versions.length)
      return { code: 'changed-elsewhere', version: this.versions.length };
    this.versions.push({ saveId: body.saveId, name: body.practice.name });
    return { code: 'saved', id: this.id, version: this.versions.length };
  }
}

function setUp(server: Server, stored?: { id: string; version: number; practice: Practice }) {
  const store = new Map<string, Unsaved>();
  const states: SaveState[] = [];
  let number = 0;
  const saver = new Saver(
    {
      send: (id, body) => Promise.resolve(server.take(id, body)),
      newId: () => `s${(number += 1)}-${store.size}-${server.versions.length}`,
      keep: ({ key }, unsaved) => void (unsaved ? store.set(key, unsaved) : store.delete(key)),
      onState: (state) => states.push(state),
      onPlaced: () => undefined,
    },
    stored,
  );
  return { saver, store, states };
}

describe('saving', () => {
  it('takes a save that was stored but not heard of for its own, whatever is edited meanwhile', async () => {
    const server = new Server();
    const { saver, states } = setUp(server);
    saver.note(practice('one'));
    await saver.flush();
    server.fate = ['stored'];
    saver.note(practice('two'));
    await saver.flush();
    expect(states.at(-1)).toMatchObject({ code: 'failed' });
    saver.note(practice('three'));
    await saver.flush();
    expect(states.at(-1)).toEqual({ code: 'saved', version: 3 });
    expect(server.versions.map(({ name }) => name)).toEqual(['one', 'two', 'three']);
  });

  it('keeps a new draft that could not be saved, and makes one practice of it and not two', async () => {
    const server = new Server();
    const first = setUp(server);
    server.fate = ['stored'];
    first.saver.note(practice('offline'));
    await first.saver.flush();
    const [[key, unsaved] = ['', undefined]] = [...first.store];
    expect(unsaved).toMatchObject({ baseVersion: 0, practice: { name: 'offline' } });
    // The page is opened again.
    const second = setUp(server);
    if (unsaved) second.saver.resume(unsaved, key);
    await second.saver.flush();
    expect(second.saver.id).toBe('p');
    expect(server.versions).toHaveLength(1);
    expect([...second.store]).toEqual([]);
  });

  it('says when another window saved, keeps its own, and never writes over the other', async () => {
    const server = new Server();
    server.id = 'p';
    server.versions.push({ saveId: 'a', name: 'theirs 1' }, { saveId: 'b', name: 'theirs 2' });
    const { saver, states, store } = setUp(server, { id: 'p', version: 1, practice: practice('theirs 1') });
    saver.note(practice('mine'));
    await saver.flush();
    expect(states.at(-1)).toEqual({ code: 'changed-elsewhere', version: 2 });
    expect(store.get('p')?.practice.name).toBe('mine');
    expect(server.versions.map(({ name }) => name)).toEqual(['theirs 1', 'theirs 2']);
  });

  it('law: however answers are lost, what was last written is on the server or kept here, and nothing twice', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom('heard', 'stored', 'lost'), { maxLength: 12 }),
        fc.array(fc.boolean(), { minLength: 1, maxLength: 8 }),
        async (fate, flushes) => {
          const server = new Server();
          server.fate = [...fate] as Server['fate'];
          const { saver, store, states } = setUp(server);
          let last = '';
          for (const [index, flush] of flushes.entries()) {
            last = `edit ${index}`;
            saver.note(practice(last));
            if (flush) await saver.flush();
          }
          const onServer = server.versions.at(-1)?.name === last;
          const here = [...store.values()].some((unsaved) => unsaved.practice.name === last);
          expect(onServer || here).toBe(true);
          expect(states.some(({ code }) => code === 'changed-elsewhere')).toBe(false);
          // The server is back.
          server.fate = [];
          await saver.flush();
          expect(server.versions.at(-1)?.name).toBe(last);
          expect(new Set(server.versions.map(({ name }) => name)).size).toBe(server.versions.length);
          expect([...store]).toEqual([]);
          expect(states.at(-1)?.code).toBe('saved');
        },
      ),
      { seed: 11, numRuns: 300 },
    );
  });
});
