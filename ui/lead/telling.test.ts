import { drafted } from '@/core/compose/drafted.test.data';
import { movedTold, type ToldClass } from '@/core/desk/following';
import {
  hasEnded,
  leading,
  positionMs,
  startLeading,
  type Leading,
  type LeadingPress,
  type Session,
} from '@/core/desk/leading';
import { Telling } from './telling';

const practice = drafted({ minutes: 6 });

const uuid = (last: string): string => `00000000-0000-4000-8000-00000000000${last}`;
const session = (id: string, actions: Session['actions'] = []): Session => ({
  sessionId: uuid(id),
  practiceId: 'p',
  version: 1,
  groupId: null,
  practice,
  actions,
});

/** The server, with what it does (server/follow/following.ts) as plain as can be, and a clock that all go by. */
class Server {
  nowMs = Date.UTC(2026, 10, 30, 18);
  told: ToldClass = { sessionId: uuid('a'), actions: [], teaching: null, isOver: false };
  revision = 1;
  by = '';
  isAway = false;
  readonly devices: Device[] = [];

  put(told: ToldClass, base: number, by: string) {
    if (this.isAway) throw new Error('away');
    const isTaken = base === this.revision && told.sessionId === this.told.sessionId;
    if (isTaken) this.takes(told, by);
    return { told: this.told, revision: this.revision, isTaken };
  }
  takes(told: ToldClass, by: string): void {
    this.told = told;
    this.revision += 1;
    this.by = by;
  }
  /** What was told comes to every device that is there. */
  async publish(): Promise<void> {
    for (let round = 0; round < 6; round += 1) {
      for (const device of this.devices) await device.hears();
      await new Promise((resolve) => setTimeout(resolve, 0));
    }
  }
}

/** A device that leads, with a clock of its own. */
class Device {
  state: Leading;
  isApart = false;
  private revision = 0;
  private readonly again: (() => void)[] = [];
  private readonly telling: Telling;

  constructor(
    readonly name: string,
    private readonly server: Server,
    private readonly aheadMs: number,
    of: Session,
  ) {
    this.state = startLeading(of);
    this.telling = new Telling(
      { session: of, teaching: null, isOver: false },
      name,
      {
        aheadMs: () => aheadMs,
        revision: () => this.revision,
        put: (told, base, by) => Promise.resolve().then(() => server.put(told, base, by)),
        show: (_session, told, by) => Promise.resolve(server.takes(told, by)),
        whole: () =>
          Promise.resolve({
            practice,
            told: { sessionId: server.told.sessionId },
            leads: { practiceId: 'p', version: 1 },
          }),
        takes: (message) => void this.message(message),
        later: (again) => void this.again.push(again),
      },
      {
        session: (led) => this.happens(led),
        teaching: () => undefined,
        apart: (isApart) => (this.isApart = isApart),
      },
    );
    server.devices.push(this);
  }
  private happens(led: Session): void {
    this.state = leading(this.state, { kind: 'led-elsewhere', session: led, isSettled: true }).state;
  }
  private async message({
    told,
    revision,
    by,
  }: {
    told: ToldClass;
    revision: number;
    by: string;
  }): Promise<void> {
    if (revision <= this.revision) return;
    this.revision = revision;
    await this.telling.heard({ told: movedTold(told, -this.aheadMs), revision, by });
  }
  hears = async (): Promise<void> => {
    const { told, revision, by, isAway } = this.server;
    if (isAway) return;
    for (const again of this.again.splice(0)) again();
    await this.message({ told, revision, by });
  };
  /** What time it is on this device. */
  get nowMs(): number {
    return this.server.nowMs - this.aheadMs;
  }
  press(...presses: readonly LeadingPress[]): void {
    for (const press of presses)
      this.state = leading(this.state, { kind: 'pressed', press, atMs: this.nowMs }).state;
    this.telling.now(this.state.session, hasEnded(this.state, this.nowMs));
  }
  begins(led: Session): void {
    this.state = leading(this.state, { kind: 'begun-again', session: led }).state;
    this.telling.now(led, false);
  }
  get at(): number {
    return positionMs(this.state, this.nowMs);
  }
  get running(): boolean {
    return this.state.base.state.running;
  }
}

/** Two devices that lead one class, their clocks minutes apart. */
async function two(): Promise<{ server: Server; desk: Device; phone: Device }> {
  const server = new Server();
  const desk = new Device('desk', server, 0, session('a'));
  const phone = new Device('phone', server, -420_000, session('b'));
  await server.publish();
  return { server, desk, phone };
}

describe('a class led from two devices', () => {
  it('stands at the same place on both, whoever pressed', async () => {
    const { server, desk, phone } = await two();
    desk.press('toggle');
    await server.publish();
    expect(phone.state.session.sessionId).toBe(uuid('a'));
    server.nowMs += 20_000;
    expect([desk.at, phone.at]).toEqual([20_000, 20_000]);
    phone.press('toggle');
    await server.publish();
    server.nowMs += 5000;
    expect([desk.at, phone.at]).toEqual([20_000, 20_000]);
    expect(desk.running).toBe(false);
    desk.press('toggle');
    await server.publish();
    server.nowMs += 1000;
    expect([desk.at, phone.at]).toEqual([21_000, 21_000]);
    expect(phone.state.session.actions).toHaveLength(3);
  });

  it('goes as one of them has it, on both, where both press at once', async () => {
    const { server, desk, phone } = await two();
    desk.press('toggle');
    await server.publish();
    server.nowMs += 3000;
    desk.press('toggle');
    phone.press('forward');
    await server.publish();
    expect(phone.at).toBe(desk.at);
    expect(phone.running).toBe(desk.running);
    expect(phone.state.session.actions.map(({ kind }) => kind)).toEqual(
      desk.state.session.actions.map(({ kind }) => kind),
    );
    expect(desk.state.session.actions).toHaveLength(2);
  });

  it('loses nothing of what was done while the server was away', async () => {
    const { server, desk, phone } = await two();
    desk.press('toggle');
    await server.publish();
    server.isAway = true;
    for (const press of ['toggle', 'toggle', 'forward'] as const) {
      server.nowMs += 4000;
      desk.press(press);
      await server.publish();
    }
    // One press on the other: the one who did more is followed.
    phone.press('toggle');
    server.isAway = false;
    await server.publish();
    await server.publish();
    expect(phone.at).toBe(desk.at);
    expect(desk.state.session.actions.map(({ kind }) => kind)).toEqual(['start', 'pause', 'resume', 'go']);
    expect(phone.state.session.actions).toHaveLength(4);
    expect(server.told.actions).toHaveLength(4);
  });

  it('is told to be over, and another one begun after it is shown and taken up', async () => {
    const { server, desk, phone } = await two();
    desk.press('toggle');
    await server.publish();
    server.nowMs += 2000;
    desk.press('end');
    await server.publish();
    expect(server.told.isOver).toBe(true);
    expect(phone.state.base.state.ended).toBe(true);
    desk.begins(session('c'));
    await server.publish();
    expect(server.told.sessionId).toBe(uuid('c'));
    desk.press('toggle');
    await server.publish();
    expect(phone.state.session.sessionId).not.toBe(uuid('b'));
    expect(server.told.actions.map(({ kind }) => kind)).toEqual(['start']);
  });

  it('never shows a class of its own over another that is under way, and says so', async () => {
    const server = new Server();
    const desk = new Device('desk', server, 0, session('a'));
    await server.publish();
    desk.press('toggle');
    await server.publish();
    const own = session('b', [{ kind: 'start', atMs: server.nowMs - 1000 }]);
    const phone = new Device('phone', server, 0, own);
    await server.publish();
    expect(phone.isApart).toBe(true);
    phone.press('toggle');
    await server.publish();
    expect(server.told.sessionId).toBe(uuid('a'));
    expect(phone.state.session.sessionId).toBe(uuid('b'));
    expect(desk.running).toBe(true);
  });
});
