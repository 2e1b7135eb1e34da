import fc from 'fast-check';
import { drafted } from '../compose/drafted.test.data';
import { leadState } from '../lead';
import { retime } from '../lead/retime';
import { compile, type Practice } from '../practice';
import {
  FILE_AGAIN_MS,
  hasEnded,
  leading,
  mustDecide,
  positionMs,
  RESTART_WITHIN_MS,
  startLeading,
  tappedBreathMs,
  toFit,
  type Leading,
  type LeadingEffect,
  type LeadingEvent,
  type LeadingPress,
  type Session,
} from './leading';

const practice = drafted({ minutes: 6 });
const timeline = compile(practice);
const startOf = (item: number): number => timeline.items[item]?.startMs ?? Number.NaN;
const NINE = Date.UTC(2026, 10, 28, 9);

const session = (sessionId = 'one'): Session => ({
  sessionId,
  practiceId: 'p',
  version: 1,
  groupId: null,
  practice,
  actions: [],
});

/** The room with a clock, a store that may refuse, and a log that may be gone. */
class Room {
  state: Leading;
  nowMs = NINE;
  kept: Session | undefined;
  refuses = false;
  isLogGone = false;
  readonly log: string[] = [];
  waits: number[] = [];

  constructor(of: Session = session()) {
    this.state = startLeading(of);
  }
  happens(event: LeadingEvent): void {
    const { state, effects } = leading(this.state, event);
    this.state = state;
    for (const effect of effects) this.run(effect);
  }
  private run(effect: LeadingEffect): void {
    switch (effect.kind) {
      case 'keep':
        if (!this.refuses) this.kept = effect.session;
        return this.happens({ kind: 'kept', isKept: !this.refuses });
      case 'forget':
        this.kept = undefined;
        return;
      case 'file':
        if (!this.isLogGone) this.log.push(effect.session.sessionId);
        return this.happens({
          kind: 'filed',
          sessionId: effect.session.sessionId,
          isFiled: !this.isLogGone,
        });
      case 'wait':
        this.waits.push(effect.wait);
        return;
      default:
        effect satisfies never;
    }
  }
  press(...presses: readonly LeadingPress[]): this {
    for (const press of presses) this.happens({ kind: 'pressed', press, atMs: this.nowMs });
    return this;
  }
  after(ms: number): this {
    this.nowMs += ms;
    this.happens({ kind: 'came-to-end', atMs: this.nowMs });
    return this;
  }
  get at(): number {
    return positionMs(this.state, this.nowMs);
  }
}

describe('leading', () => {
  it('starts at the first press, pauses and goes on where it was', () => {
    const room = new Room().after(5000);
    expect(room.at).toBe(0);
    room.press('toggle').after(7000).press('toggle').after(60_000);
    expect(room.at).toBe(7000);
    room.press('toggle').after(1000);
    expect(room.at).toBe(8000);
  });

  it('goes forward to the next form, back to the start of this one, and soon after its start to the one before', () => {
    const room = new Room().press('toggle', 'forward');
    expect(room.at).toBe(startOf(1));
    room.after(RESTART_WITHIN_MS).press('back');
    expect(room.at).toBe(startOf(1));
    room.after(RESTART_WITHIN_MS - 1).press('back');
    expect(room.at).toBe(0);
    room.press('back');
    expect(room.at).toBe(0);
  });

  it('asks before it ends, goes on where that is declined, and does nothing of it before the start', () => {
    const room = new Room().press('ask-end', 'end', 'one-more', 'leave');
    expect(room.state.isAsking).toBe(false);
    expect(room.state.session.actions).toEqual([]);
    room.press('toggle', 'ask-end');
    expect(room.state.isAsking).toBe(true);
    expect(room.press('ask-end').state.isAsking).toBe(false);
    room.press('ask-end', 'end');
    expect(hasEnded(room.state, room.nowMs)).toBe(true);
    expect(room.log).toEqual(['one']);
  });

  it('begins a form sooner only while it is talked of, and goes on after a side only once begun', () => {
    const room = new Room().press('begin-now', 'move-on', 'teach', 'tap');
    expect(room.state.session.actions).toEqual([]);
    room.press('toggle', 'forward').after(500).press('begin-now');
    const stroke = timeline.events.find(({ itemIndex, kind }) => itemIndex === 1 && kind === 'stroke');
    expect(room.at).toBe(stroke?.startMs);
    const before = room.state.session.actions.length;
    room.after(1000).press('begin-now');
    expect(room.state.session.actions.length).toBe(before);
    room.press('move-on');
    expect(room.state.session.actions.at(-1)).toMatchObject({
      kind: 'move-on',
      itemId: practice.items[1]?.id,
    });
  });

  it('teaches at one press, and goes through the form at the next', () => {
    const room = new Room().press('toggle', 'forward').after(20_000).press('teach').after(90_000);
    expect(room.state.base.state.teaching).toBe(true);
    room.press('teach');
    expect(room.state.base.state).toMatchObject({ teaching: false, running: true });
  });

  it('learns the pace from taps at each breath in: from the third, and again as it changes', () => {
    const room = new Room().press('toggle').after(2000);
    const wanted = 60_000 / practice.brief.breathsPerMin;
    const tempos = () => room.state.session.actions.filter(({ kind }) => kind === 'tempo');
    room
      .press('tap')
      .after(wanted * 1.2)
      .press('tap');
    expect(tempos()).toEqual([]);
    room.after(wanted * 1.2).press('tap');
    // What comes next is breathed a little quicker, or slower, than the pace already, so that the practice fits its minutes.
    expect(tempos()).toMatchObject([
      { factor: expect.closeTo(1.2 / (practice.items[1]?.stretch ?? 1), 2) as number },
    ]);
    expect(tappedBreathMs(room.state.taps)).toBeCloseTo(wanted * 1.2, 0);
    // Once it goes as it is tapped, nothing changes any more.
    room.after(wanted * 1.21).press('tap');
    expect(tempos().length).toBe(1);
    // Taps far apart are no breaths of one pace.
    room.after(60_000).press('tap').after(60_000).press('tap');
    expect(tempos().length).toBe(1);
    expect(tappedBreathMs(room.state.taps)).toBeUndefined();
  });

  it('puts in what was not planned, once the class has begun', () => {
    const [item] = practice.items;
    const form = item && practice.forms[item.formId];
    if (!item || !form) throw new Error('expected a form');
    const room = new Room();
    room.happens({ kind: 'put-in', atMs: room.nowMs, item, form });
    expect(room.state.session.actions).toEqual([]);
    room.press('toggle').after(1000);
    room.happens({ kind: 'put-in', atMs: room.nowMs, item, form });
    expect(room.state.base.state.practice.items.length).toBe(practice.items.length + 1);
    expect(room.press('undo').state.base.state.practice.items.length).toBe(practice.items.length);
  });

  it('takes over a class that was begun in another window where nothing has begun here', () => {
    const there = new Room(session('there')).press('toggle').after(3000);
    const here = new Room();
    here.happens({ kind: 'led-elsewhere', session: there.state.session });
    expect(here.state.session.sessionId).toBe('there');
    // A class that is under way is not given up for another.
    const own = new Room(session('own')).press('toggle');
    own.happens({ kind: 'led-elsewhere', session: there.state.session });
    expect(own.state.session.sessionId).toBe('own');
  });

  it('waits where it is when the room is left', () => {
    const room = new Room().press('toggle').after(4000).press('leave').after(900_000);
    expect(room.at).toBe(4000);
    expect(room.log).toEqual([]);
  });

  it('comes to its end by the clock alone, and is in the log once', () => {
    const room = new Room().press('toggle').after(timeline.totalMs - 1);
    expect(hasEnded(room.state, room.nowMs)).toBe(false);
    room.after(1).after(1000).press('forward', 'toggle');
    expect(hasEnded(room.state, room.nowMs)).toBe(true);
    expect(room.log).toEqual(['one']);
    expect(room.state.filing).toBe('filed');
  });

  it('tries the log again by itself and by a press while it is gone', () => {
    const room = new Room();
    room.isLogGone = true;
    room.press('toggle').after(timeline.totalMs);
    expect(room.state.filing).toBe('failed');
    room.happens({ kind: 'waited', wait: room.waits.at(-1) ?? 0, atMs: room.nowMs + FILE_AGAIN_MS });
    expect(room.state.filing).toBe('failed');
    // The end of a former wait means nothing.
    room.happens({ kind: 'waited', wait: room.waits[0] ?? 0, atMs: room.nowMs });
    expect(room.waits).toHaveLength(2);
    room.isLogGone = false;
    room.happens({ kind: 'file-again', atMs: room.nowMs });
    expect(room.state.filing).toBe('filed');
    expect(room.log).toEqual(['one']);
  });

  it('starts and goes on where this browser keeps nothing, and says so', () => {
    const room = new Room();
    room.refuses = true;
    room.press('toggle').after(3000);
    expect(room.at).toBe(3000);
    expect(room.state.isKept).toBe(false);
    room.refuses = false;
    expect(room.press('toggle').state.isKept).toBe(true);
  });

  it('begins anew with a session of its own, and an answer of the former means nothing to it', () => {
    const room = new Room();
    room.isLogGone = true;
    room.press('toggle').after(timeline.totalMs);
    room.happens({ kind: 'begun-again', session: session('two') });
    expect(room.at).toBe(0);
    room.happens({ kind: 'filed', sessionId: 'one', isFiled: true });
    expect(room.state.filing).toBe('not-yet');
    expect(room.kept).toBeUndefined();
  });

  it('follows what another window does with the same class, and no other class', () => {
    const [here, there] = [new Room(), new Room()];
    here.press('toggle').after(2000);
    there.happens({ kind: 'led-elsewhere', session: here.state.session });
    there.nowMs = here.nowMs;
    expect(there.at).toBe(here.at);
    there.happens({ kind: 'led-elsewhere', session: session() });
    expect(there.at).toBe(here.at);
    const before = there.state;
    there.happens({ kind: 'led-elsewhere', session: { ...here.state.session, sessionId: 'other' } });
    expect(there.state).toBe(before);
  });

  it('gives way where somebody else did something at the same moment, once that is settled', () => {
    const [here, there] = [new Room(), new Room()];
    here.press('toggle').after(2000);
    there.happens({ kind: 'led-elsewhere', session: here.state.session });
    there.nowMs = here.nowMs;
    here.press('toggle');
    there.press('forward');
    const { session: settled } = there.state;
    here.happens({ kind: 'led-elsewhere', session: settled });
    expect(here.state.base.state.running).toBe(false);
    here.happens({ kind: 'led-elsewhere', session: settled, isSettled: true });
    expect(here.state.session).toBe(settled);
    // One that did less never takes anything back.
    const fewer = { ...settled, actions: settled.actions.slice(0, 1) };
    here.happens({ kind: 'led-elsewhere', session: fewer, isSettled: true });
    expect(here.state.session).toBe(settled);
  });
});

describe('a class that has come off its end', () => {
  const fit = (room: Room): void => {
    const { state } = room;
    const targetMs = toFit(state, room.nowMs);
    if (targetMs === undefined) return;
    const proposal = retime(
      { practice: state.base.state.practice, timeline: state.base.state.timeline, positionMs: room.at },
      targetMs,
      { keep: new Set(state.keeps), spare: new Set(state.spares) },
    );
    room.happens({ kind: 'proposed', proposal, after: state.session.actions.length });
  };
  /** Held up for so long, early on. */
  const heldUp = (ms: number): Room => {
    const room = new Room().press('toggle').after(20_000).press('toggle').after(ms).press('toggle');
    fit(room);
    return room;
  };
  const endsMs = ({ state, nowMs }: Room): number =>
    nowMs + state.base.state.timeline.totalMs - positionMs(state, nowMs);

  it('proposes nothing while it stands or is on time, and what would bring it back once it goes on', () => {
    const room = new Room().press('toggle').after(20_000);
    expect(toFit(room.state, room.nowMs)).toBeUndefined();
    room.press('toggle').after(40_000);
    expect(toFit(room.state, room.nowMs)).toBeUndefined();
    room.press('toggle');
    expect(toFit(room.state, room.nowMs)).toBe(timeline.totalMs - 60_000);
    fit(room);
    expect(room.state.proposal?.changes.length).toBeGreaterThan(0);
  });

  it('does so at a press, takes it back at another, and ends when it must', () => {
    const room = heldUp(40_000).press('take');
    expect(Math.abs(endsMs(room) - NINE - timeline.totalMs)).toBeLessThan(1000);
    expect(room.state.proposal).toBeUndefined();
    room.press('undo');
    expect(endsMs(room)).toBe(NINE + timeline.totalMs + 40_000);
  });

  it('does so by itself when it must be decided, and not before', () => {
    const room = heldUp(40_000);
    const by = room.state.proposal?.decideByMs ?? Number.NaN;
    room.nowMs += by - room.at - 2000;
    expect(mustDecide(room.state, room.nowMs)).toBe(false);
    room.nowMs += 1800;
    expect(mustDecide(room.state, room.nowMs)).toBe(true);
    room.happens({ kind: 'came-to-decide', atMs: room.nowMs });
    expect(Math.abs(endsMs(room) - NINE - timeline.totalMs)).toBeLessThan(1000);
  });

  it('leaves it where it is refused, till something else happens; and may run over', () => {
    const room = heldUp(40_000).press('refuse');
    expect(room.state.proposal).toBeUndefined();
    expect(toFit(room.state, room.nowMs)).toBeUndefined();
    room.press('one-more');
    expect(toFit(room.state, room.nowMs)).toBeDefined();
    room.press('let-over');
    expect(toFit(room.state, room.nowMs)).toBeUndefined();
  });

  it('cannot be let run over while it is on time', () => {
    const room = new Room().press('toggle').after(5000);
    const before = room.state;
    expect(room.press('let-over').state).toBe(before);
  });

  it('is steered: what is kept is no more among what changes, and let go of again is', () => {
    const room = heldUp(40_000);
    const [first] = room.state.proposal?.changes ?? [];
    if (!first) throw new Error('expected a change');
    room.happens({ kind: 'steered', itemId: first.itemId, how: 'keep' });
    expect(room.state.proposal).toBeUndefined();
    fit(room);
    expect(room.state.proposal?.changes.map(({ itemId }) => itemId)).not.toContain(first.itemId);
    room.happens({ kind: 'steered', itemId: first.itemId, how: 'keep' });
    expect(room.state.keeps).toEqual([]);
  });

  it('heeds no proposal that was worked out before something else happened', () => {
    const room = heldUp(40_000);
    const late = room.state.proposal;
    if (!late) throw new Error('expected a proposal');
    const after = room.state.session.actions.length;
    room.press('one-more');
    room.happens({ kind: 'proposed', proposal: late, after });
    expect(room.state.proposal).toBeUndefined();
  });

  it('may run over by as much as was said, and may have no end', () => {
    const room = new Room();
    room.happens({ kind: 'end-said', atMs: NINE, endAtMs: NINE + timeline.totalMs, mayOverMs: 60_000 });
    room.press('toggle').after(20_000).press('toggle').after(50_000).press('toggle');
    expect(toFit(room.state, room.nowMs)).toBeUndefined();
    room.press('toggle').after(50_000).press('toggle');
    // It is fitted into the end and what it may be over.
    expect(toFit(room.state, room.nowMs)).toBe(timeline.totalMs - 120_000 + 60_000);
    room.happens({ kind: 'end-said', atMs: room.nowMs, endAtMs: null, mayOverMs: 0 });
    expect(toFit(room.state, room.nowMs)).toBeUndefined();
  });
});

describe('two hours by the clock', () => {
  it('drift by less than 50 ms against the time added up by hand, through pauses, sleep and a reload', () => {
    const items = Array.from({ length: 40 }, (_, round) =>
      practice.items.map((item) => ({ ...item, id: `${item.id}-${round}`, repetitions: 9, stretch: 2 })),
    ).flat();
    const long: Practice = { ...practice, items: items.slice(0, 32) };
    expect(compile(long).totalMs).toBeGreaterThan(7_200_000);
    let room = new Room({ ...session(), practice: long });
    room.press('toggle');
    let ledMs = 0;
    let turn = 1;
    while (ledMs < 7_200_000) {
      // Frames come at any time, or not at all while the machine sleeps.
      const ms = 16.7 + ((turn * 7919) % 60_000);
      room.after(ms);
      ledMs += ms;
      if (turn % 9 === 0) room.press('toggle').after(31_000.5).press('toggle');
      if (turn % 50 === 0) {
        const { nowMs } = room;
        room = new Room(JSON.parse(JSON.stringify(room.state.session)) as Session);
        room.nowMs = nowMs;
      }
      turn += 1;
    }
    expect(turn).toBeGreaterThan(200);
    expect(Math.abs(room.at - ledMs)).toBeLessThan(50);
  });
});

describe('laws of leading', () => {
  const acts = fc.array(
    fc.tuple(
      fc.constantFrom<LeadingPress | 'wait'>(
        'toggle',
        'toggle',
        'forward',
        'back',
        'one-more',
        'ask-end',
        'end',
        'leave',
        'wait',
        'wait',
      ),
      fc.integer({ min: 0, max: 90_000 }),
    ),
    { maxLength: 14 },
  );

  it('a reload at any point goes on where the class is, and an ended class is in the log', () => {
    fc.assert(
      fc.property(acts, fc.integer({ min: 0, max: 600_000 }), (all, laterMs) => {
        const room = new Room();
        for (const [what, ms] of all) {
          room.after(ms);
          if (what !== 'wait') room.press(what);
          const total = room.state.base.state.timeline.totalMs;
          expect(room.at).toBeGreaterThanOrEqual(0);
          expect(room.at).toBeLessThanOrEqual(total);
          if (hasEnded(room.state, room.nowMs)) expect(room.log).toContain('one');
        }
        expect(room.log.length).toBeLessThanOrEqual(1);
        if (!room.kept) return expect(room.state.session.actions).toEqual([]);
        const again = startLeading(room.kept);
        const nowMs = room.nowMs + laterMs;
        expect(positionMs(again, nowMs)).toBe(positionMs(room.state, nowMs));
        // The same by walking the whole class anew.
        const walked = leadState(practice, room.kept.actions, nowMs);
        expect(walked.positionMs).toBeCloseTo(positionMs(room.state, nowMs), 6);
        return expect(walked.ended).toBe(hasEnded(room.state, nowMs));
      }),
      { seed: 6, numRuns: 300 },
    );
  });
});
