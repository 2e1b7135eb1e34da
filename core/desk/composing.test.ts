import fc from 'fast-check';
import { PLAIN_BRIEF, type BriefWishes, type Theme } from '../brief';
import { compose, type Composed } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { type Edit, type Practice } from '../practice';
import {
  canUndo,
  composing,
  startComposing,
  type Composing,
  type ComposingEffect,
  type ComposingEvent,
} from './composing';

const THEMES: readonly Theme[] = [
  { kind: 'organ', organ: 'lung' },
  { kind: 'organ', organ: 'liver' },
  { kind: 'aim', aim: 'sleep' },
];
const drafts: readonly Composed[] = THEMES.map((theme) => {
  const brief = { ...PLAIN_BRIEF, theme, minutes: 8 };
  const result = compose({
    brief,
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
  if (!result.ok) throw new Error('the practice of these tests could not be composed');
  return result;
});
const draft = (index: number): Composed => drafts[index % drafts.length] as Composed;
const stored = { practice: { ...draft(0).practice, name: 'Stored' }, version: 3 };

const desk = composing((practice) => `unnamed ${practice.brief.minutes}`);

/** The desk with all that it asked to be done. */
class Room {
  effects: ComposingEffect[] = [];
  constructor(public state: Composing) {}
  happens(...events: readonly ComposingEvent[]): this {
    for (const event of events) {
      const next = desk(this.state, event);
      this.state = next.state;
      this.effects.push(...next.effects);
    }
    return this;
  }
  get practice(): Practice | undefined {
    return this.state.steps.present.practice;
  }
  of<Kind extends ComposingEffect['kind']>(kind: Kind) {
    return this.effects.filter(
      (effect): effect is Extract<ComposingEffect, { kind: Kind }> => effect.kind === kind,
    );
  }
}
const fresh = (wishes: BriefWishes = {}): Room => new Room(startComposing(undefined, wishes));
const opened = (): Room => new Room(startComposing(stored, {}));
const rename = (name: string): ComposingEvent => ({
  kind: 'edited',
  edit: { kind: 'rename', name },
  text: '',
});
const wish = (more: BriefWishes): ComposingEvent => ({ kind: 'wished', more, isPlaced: false });
const again: ComposingEvent = { kind: 'stepped', way: 'redo' };
const back: ComposingEvent = { kind: 'stepped', way: 'undo' };

describe('a new practice', () => {
  it('is drafted at once, better and better, with no step to undo and nothing saved', () => {
    const room = fresh().happens({ kind: 'begun' });
    expect(room.state.drafting).toBeDefined();
    room.happens(
      { kind: 'drafted', question: 1, draft: draft(0) },
      { kind: 'drafted', question: 1, draft: draft(1) },
      { kind: 'answered', question: 1, result: draft(2) },
    );
    expect(room.practice?.items).toBe(draft(2).practice.items);
    expect(room.practice?.name).toBe('unnamed 8');
    expect(room.state.drafting).toBeUndefined();
    expect(canUndo(room.state)).toBe(false);
    expect(room.of('save')).toEqual([]);
    expect(room.of('tell')).toEqual([]);
  });

  it('begins with nothing asked, drafted or gone wrong, and asks for the first draft by the first seed', () => {
    const room = fresh({ minutes: 7 });
    expect(room.state).toMatchObject({
      drafting: undefined,
      hasStopped: false,
      isTouched: false,
      question: 0,
    });
    room.happens({ kind: 'begun' });
    expect(room.of('draft')).toEqual([
      { kind: 'draft', question: 1, wishes: { minutes: 7 }, seed: 1, round: undefined },
    ]);
  });

  it('wished otherwise before it was there is no step to undo; once it is there, it is', () => {
    const before = fresh().happens(wish({ minutes: 9 }), { kind: 'answered', question: 1, result: draft(0) });
    expect(canUndo(before.state)).toBe(false);
    before.happens(wish({ minutes: 7 }), { kind: 'answered', question: 2, result: draft(1) });
    expect(canUndo(before.state)).toBe(true);
    expect(before.happens(back).practice?.items).toBe(draft(0).practice.items);
  });

  it('has its wishes in the address until it is touched', () => {
    const room = fresh().happens({ kind: 'begun' }, wish({ minutes: 9 }));
    expect(room.of('address')).toEqual([{ kind: 'address', wishes: { minutes: 9 } }]);
    room.happens({ kind: 'answered', question: 2, result: draft(0) }, rename('Mine'), wish({ minutes: 7 }));
    expect(room.of('address')).toHaveLength(1);
    expect(room.of('save').map(({ practice }) => practice.name)).toEqual(['Mine']);
  });

  it('says when the composer fails, stands as it was, and can be asked again', () => {
    const room = fresh().happens({ kind: 'begun' }, { kind: 'composer-failed', question: 1 });
    expect(room.state).toMatchObject({ drafting: undefined, hasStopped: true });
    room.happens(wish({}));
    expect(room.state.hasStopped).toBe(false);
    expect(room.state.drafting).toBeDefined();
  });
});

describe('a redraft', () => {
  it('builds on what was wished last, though nothing of it is drafted yet', () => {
    const room = opened().happens(wish({ minutes: 9 }), wish({ posture: 'seated' }));
    expect(room.of('draft').at(-1)?.wishes).toMatchObject({ minutes: 9, posture: 'seated' });
    const before = room.state;
    room.happens({ kind: 'answered', question: 1, result: draft(1) });
    expect(room.state).toBe(before);
  });

  it('is one step, undone together with the wish that led to it', () => {
    const room = opened().happens(
      wish({ minutes: 9 }),
      { kind: 'drafted', question: 1, draft: draft(1) },
      { kind: 'answered', question: 1, result: draft(2) },
    );
    expect(room.of('tell')).toEqual([{ kind: 'tell', told: { code: 'redrafted' } }]);
    room.happens(back);
    expect(room.practice).toBe(stored.practice);
    expect(room.state.asked).toBe(stored.practice.brief);
    room.happens(again);
    expect(room.practice?.items).toBe(draft(2).practice.items);
  });

  it('keeps a name somebody gave, and never writes over a hand that came between', () => {
    const room = opened().happens(
      wish({ minutes: 9 }),
      { kind: 'drafted', question: 1, draft: draft(1) },
      rename('By hand'),
      { kind: 'drafted', question: 1, draft: draft(2) },
      { kind: 'answered', question: 1, result: draft(2) },
    );
    expect(room.practice?.name).toBe('By hand');
    expect(room.practice?.items).toBe(draft(1).practice.items);
    expect(room.state.drafting).toBeUndefined();
    room.happens({ kind: 'another-wished' }, { kind: 'answered', question: 2, result: draft(2) });
    expect(room.practice?.name).toBe('By hand');
  });

  it('that is impossible leaves the practice, and shows the wish so that it can be changed', () => {
    const impossible = compose({
      brief: { ...PLAIN_BRIEF, minutes: 2 },
      repertoire: [],
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
    });
    if (impossible.ok) throw new Error('nothing can be composed of nothing');
    const room = opened().happens(wish({ minutes: 2 }), {
      kind: 'answered',
      question: 1,
      result: impossible,
    });
    expect(room.practice).toBe(stored.practice);
    expect(room.state.steps.present.wishes).toMatchObject({ minutes: 2 });
    expect(room.state.failure).toBe(impossible);
    room.happens(back);
    expect(room.state.failure).toBeUndefined();
    expect(room.state.asked).toBe(stored.practice.brief);
  });

  it('comes too late where a whole practice was put in its place meanwhile', () => {
    for (const event of [
      { kind: 'taken', practice: draft(1).practice, text: 'Taken' },
      { kind: 'restored', practice: draft(1).practice },
      { kind: 'brought-back', practice: draft(1).practice },
      { kind: 'theirs-shown', practice: draft(1).practice },
    ] satisfies ComposingEvent[]) {
      const room = opened().happens(wish({ minutes: 9 }), event);
      const before = room.state;
      room.happens({ kind: 'answered', question: 1, result: draft(2) });
      expect(room.state).toBe(before);
    }
  });
});

describe('undo', () => {
  it('goes on into stored versions, and redo comes back from them', () => {
    const former = { ...draft(1).practice, name: 'Version 2' };
    const room = opened().happens(back);
    expect(room.of('read-version')).toEqual([{ kind: 'read-version', version: 2 }]);
    // Pressed again before it came: it is asked for once.
    room.happens(back);
    expect(room.of('read-version')).toHaveLength(1);
    room.happens({ kind: 'version-read', version: 2, practice: former });
    expect(room.practice).toBe(former);
    expect(room.of('save').at(-1)?.practice).toBe(former);
    room.happens(again);
    expect(room.practice).toBe(stored.practice);
  });

  it('stays where it is when a version cannot be read, and can be tried again', () => {
    const room = opened().happens(back, { kind: 'version-read', version: 2, practice: undefined });
    expect(room.practice).toBe(stored.practice);
    expect(room.of('tell')).toEqual([{ kind: 'tell', told: { code: 'version-unread' } }]);
    expect(room.happens(back).of('read-version')).toHaveLength(2);
  });

  it('does not take a version over what was written while it was fetched', () => {
    const room = opened().happens(back, rename('Meanwhile'), {
      kind: 'version-read',
      version: 2,
      practice: draft(1).practice,
    });
    expect(room.practice?.name).toBe('Meanwhile');
  });

  it('has nothing before the first version', () => {
    const room = new Room(startComposing({ ...stored, version: 1 }, {})).happens(back, again);
    expect(canUndo(room.state)).toBe(false);
    expect(room.effects).toEqual([]);
  });
});

describe('an edit', () => {
  it('of what is gone by now changes nothing and says so', () => {
    const room = opened().happens({ kind: 'edited', edit: { kind: 'remove', itemId: 'nowhere' }, text: 't' });
    expect(room.practice).toBe(stored.practice);
    expect(room.effects).toEqual([{ kind: 'tell', told: { code: 'gone' } }]);
  });
});

describe('what this browser or another window had', () => {
  it('is shown as a step, and not saved by this desk: it is kept where it came from', () => {
    for (const kind of ['brought-back', 'theirs-shown'] as const) {
      const room = opened().happens({ kind, practice: draft(1).practice });
      expect(room.practice).toBe(draft(1).practice);
      expect(room.of('save')).toEqual([]);
      expect(room.happens(back).practice).toBe(stored.practice);
    }
  });
});

describe('laws of composing', () => {
  const items = stored.practice.items.map(({ id }) => id);
  const anEdit = fc.oneof(
    fc.constantFrom('a', 'b', 'c').map((name): Edit => ({ kind: 'rename', name })),
    fc.constantFrom(...items).map((itemId): Edit => ({ kind: 'remove', itemId })),
    fc.constantFrom(...items).map((itemId): Edit => ({ kind: 'repetitions', itemId, steps: 1 })),
  );
  const events = fc.array(
    fc.oneof(
      { weight: 4, arbitrary: anEdit.map((edit): ComposingEvent => ({ kind: 'edited', edit, text: 't' })) },
      { weight: 2, arbitrary: fc.integer({ min: 5, max: 9 }).map((minutes) => wish({ minutes })) },
      fc.constant<ComposingEvent>({ kind: 'another-wished' }),
      fc
        .tuple(fc.integer({ min: 1, max: 6 }), fc.nat(2))
        .map(([question, index]): ComposingEvent => ({ kind: 'drafted', question, draft: draft(index) })),
      fc
        .tuple(fc.integer({ min: 1, max: 6 }), fc.nat(2))
        .map(([question, index]): ComposingEvent => ({ kind: 'answered', question, result: draft(index) })),
      fc
        .integer({ min: 1, max: 6 })
        .map((question): ComposingEvent => ({ kind: 'composer-failed', question })),
      fc.constantFrom(back, again),
      fc
        .nat(2)
        .map((index): ComposingEvent => ({ kind: 'taken', practice: draft(index).practice, text: 't' })),
    ),
    { maxLength: 25 },
  );

  it('what is on the sheet of a kept practice is what was last given to be saved', () => {
    fc.assert(
      fc.property(events, (all) => {
        const room = opened().happens(...all);
        const last = room.of('save').at(-1)?.practice ?? stored.practice;
        expect(room.practice).toBe(last);
      }),
      { seed: 2, numRuns: 300 },
    );
  });

  it('all that stood on the sheet comes back by undo, to the first', () => {
    fc.assert(
      fc.property(events, (all) => {
        const room = opened().happens(...all);
        for (let count = room.state.steps.past.length; count > 0; count -= 1) room.happens(back);
        expect(room.practice).toBe(stored.practice);
        expect(room.state.steps.past).toEqual([]);
      }),
      { seed: 3, numRuns: 300 },
    );
  });

  it('drafting has an end: the answer or the failure of the last question', () => {
    fc.assert(
      fc.property(events, fc.boolean(), (all, fails) => {
        const room = opened().happens(...all);
        const { question, drafting, hasStopped } = room.state;
        room.happens(
          fails ? { kind: 'composer-failed', question } : { kind: 'answered', question, result: draft(1) },
        );
        expect(room.state.drafting).toBeUndefined();
        expect(room.state.hasStopped).toBe(drafting ? fails : hasStopped);
      }),
      { seed: 4, numRuns: 300 },
    );
  });
});
