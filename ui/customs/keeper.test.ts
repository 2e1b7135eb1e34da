import { DEFAULT_CUSTOMS, type Customs } from '@/core/customs';
import { CustomsKeeper, type SendCustoms } from './keeper';

const paced = (breathsPerMin: number): Customs => ({ ...DEFAULT_CUSTOMS, breathsPerMin });

/** A server that keeps versions as ours does. */
function server() {
  const state = { version: 1, customs: DEFAULT_CUSTOMS, isDown: false };
  const send: SendCustoms = (values, baseVersion) => {
    if (state.isDown) return Promise.resolve({ code: 'failed', message: 'down' });
    if (baseVersion !== state.version)
      return Promise.resolve({ code: 'changed-elsewhere', message: 'changed', version: state.version });
    state.version += 1;
    state.customs = values;
    return Promise.resolve({ code: 'kept', version: state.version });
  };
  return { state, send };
}

describe('keeping the customs', () => {
  it('saves one change after another, each on top of the last', async () => {
    const { state, send } = server();
    const keeper = new CustomsKeeper(DEFAULT_CUSTOMS, 1, send);
    const ended = await Promise.all([keeper.keep(paced(5)), keeper.keep(paced(4)), keeper.keep(paced(4))]);
    expect(ended.map(({ code }) => code)).toEqual(['kept', 'kept', 'kept']);
    expect([state.version, state.customs.breathsPerMin]).toEqual([3, 4]);
    expect(keeper.has(paced(4))).toBe(true);
  });

  it('never undoes another window unseen, and goes on from it when asked', async () => {
    const { state, send } = server();
    const [mine, theirs] = [1, 2].map(() => new CustomsKeeper(DEFAULT_CUSTOMS, 1, send));
    await theirs?.keep(paced(5));
    expect(await mine?.keep(paced(4))).toMatchObject({ code: 'changed-elsewhere', version: 2 });
    expect(state.customs.breathsPerMin).toBe(5);
    mine?.seen(2);
    expect(await mine?.keep(paced(4))).toEqual({ code: 'kept' });
    expect(state.customs.breathsPerMin).toBe(4);
  });

  it('fails in words and goes on when the server is back', async () => {
    const { state, send } = server();
    const keeper = new CustomsKeeper(DEFAULT_CUSTOMS, 1, send);
    state.isDown = true;
    expect(await keeper.keep(paced(5))).toMatchObject({ code: 'failed' });
    expect(keeper.has(paced(5))).toBe(false);
    state.isDown = false;
    expect(await keeper.keep(paced(5))).toEqual({ code: 'kept' });
  });
});
