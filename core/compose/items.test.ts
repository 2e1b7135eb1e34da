import { PLAIN_BRIEF } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { asksOf, exhaleWanted, REPERTOIRE, ROLES, type Form } from '../forms';
import { toldKey } from '../log';
import { compile, edit, type Practice } from '../practice';
import type { Allowed, Asking } from './asking';
import { fitForm } from './candidates';
import {
  familiarityOf,
  fullness,
  itemByHand,
  itemDraft,
  lengthMs,
  longPoints,
  measured,
  practiceCustoms,
  timeLine,
  waysOf,
} from './items';

const found = (id: string): Form => {
  const form = REPERTOIRE.find((one) => one.id === id);
  if (!form) throw new RangeError(`no form ${id}`);
  return form;
};
const allowed = (form: Form): Allowed => {
  const fitting = fitForm(form, 'standing', { conditions: [] }, DEFAULT_CUSTOMS);
  if (typeof fitting === 'string') throw new Error(`${form.id} cannot be done: ${fitting}`);
  return { form, fitting };
};
const asking = (people: Asking['people'] = { conditions: [] }): Asking => ({
  brief: PLAIN_BRIEF,
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people,
  seed: 1,
});
const empty: Practice = {
  name: 'Empty',
  brief: PLAIN_BRIEF,
  customs: { outToIn: 1.2, animalSchool: 'standard', virtueSchool: 'classical', soundSchool: 'standard' },
  seed: 1,
  items: [],
  forms: {},
};

describe('the time of an item', () => {
  it('told by its line is what the compiled practice takes, for any repetitions and breath', () => {
    for (const id of ['mist-over-the-lake', 'cloud-hands', 'shaking', 'brocade-draw-the-bow', 'sound-lung']) {
      const entry = allowed(found(id));
      const draft = itemDraft(asking(), entry, entry.form.roles[0] ?? 'nourish', []);
      const customs = practiceCustoms(asking());
      for (const [repetitions, stretch] of [
        [1, 1],
        [4, 1],
        [2, 1.1],
        [6, 1.2],
        [9, 0.8],
      ] as const) {
        const item = { ...draft, stretch };
        const exact = compile(
          measured(entry.form, item, repetitions, { brief: PLAIN_BRIEF, customs }),
        ).totalMs;
        const line = timeLine(entry.form, item, { brief: PLAIN_BRIEF, customs });
        expect(Math.abs(lengthMs(line, repetitions) - exact)).toBeLessThan(repetitions * 20);
      }
    }
  });
});

describe('the ways of doing a form', () => {
  it('stay in its range, with its usual dose among them and the best of them', () => {
    for (const form of REPERTOIRE) {
      const ways = waysOf(form, form.roles[0] ?? 'nourish', undefined);
      const { least, usual, most } = form.repetitions;
      for (const { repetitions } of ways) {
        expect(repetitions).toBeGreaterThanOrEqual(least);
        expect(repetitions).toBeLessThanOrEqual(most);
      }
      const best = ways.reduce((one, other) => (other.dose > one.dose ? other : one));
      // What is loosened, stood or breathed is as good however often; the rest as often as usual.
      const isCounted = new Set(ways.map(({ dose }) => dose)).size > 2;
      if (isCounted) expect(best).toMatchObject({ repetitions: usual, stretch: 1 });
    }
  });

  it('leave only the breath where the repetitions are fixed, and nothing but one showing in a lesson', () => {
    const form = found('mist-over-the-lake');
    expect(waysOf(form, 'nourish', undefined, 7).map(({ repetitions }) => repetitions)).toEqual([7, 7]);
    expect(waysOf(form, 'wake', undefined, 7)).toHaveLength(1);
    expect(waysOf(form, 'nourish', 'show')).toEqual([{ repetitions: 1, stretch: 1, dose: 0 }]);
  });

  it('drill more than the usual dose', () => {
    const form = found('mist-over-the-lake');
    const counts = waysOf(form, 'nourish', 'drill').map(({ repetitions }) => repetitions);
    expect(Math.max(...counts)).toBeGreaterThan(form.repetitions.most);
  });
});

describe('a form put in by hand', () => {
  const form = found('mist-over-the-lake');
  const put = (people: Asking['people'], one = form) => {
    const item = itemByHand(
      empty,
      allowed(one),
      'nourish',
      [{ code: 'chosen-by-hand' }],
      DEFAULT_CUSTOMS,
      people,
    );
    return edit(empty, { kind: 'add', at: 0, item }).items[0];
  };

  it('takes the pace of the log, and tells how much of its breath that is', () => {
    expect(put({ conditions: [], pace: { [form.id]: 1.2 } })).toMatchObject({ stretch: 1.2, logPace: 1.2 });
    const plain = put({ conditions: [], pace: { other: 1.2 } });
    expect(plain?.stretch).toBe(1);
    expect(plain).not.toHaveProperty('logPace');
  });

  it('is talked of as long as the log says, where that is not the usual, and as the form has it else', () => {
    const usual = form.setupSec.known;
    // Four times twenty seconds longer: half of it is believed.
    const told = {
      [toldKey(form.id, 'known')]: { talkSec: usual + 20, talks: 4, firstFactor: 2.1, firsts: 4 },
    };
    const people = { conditions: [], known: [form.id], told };
    expect(put(people)).toMatchObject({ talkSec: usual + 10, firstFactor: 1.6 });
    const longer = itemDraft(asking(people), allowed(form), 'nourish', []);
    expect(longer).toMatchObject({ talkSec: usual + 10 });
    // Of those it is new to the log has told nothing.
    expect(put({ conditions: [], known: ['shaking'], told })).not.toHaveProperty('talkSec');
    const nearly = { [toldKey(form.id, 'known')]: { talkSec: usual + 1, talks: 8, firsts: 0 } };
    expect(put({ conditions: [], known: [form.id], told: nearly })).not.toHaveProperty('talkSec');
  });

  it('is taught where the group has not met it and known where it has', () => {
    expect(put({ conditions: [], known: ['shaking'] })?.familiarity).toBe('taught');
    expect(put({ conditions: [], known: [form.id] })?.familiarity).toBe('known');
    expect(put({ conditions: [], known: [] })?.familiarity).toBe(PLAIN_BRIEF.familiarity);
    expect(familiarityOf(asking({ conditions: [], known: ['shaking'] }), 'close', form)).toBe('known');
  });

  it('has a still moment after knocking, as the composer would give it (common practice)', () => {
    const knocks = REPERTOIRE.find(
      (one) => asksOf(one, 'full').percussion.length > 0 && one.settleSec < 8 && one.smaller === undefined,
    );
    const short = knocks ?? REPERTOIRE.find((one) => asksOf(one, 'full').percussion.length > 0);
    if (!short) throw new Error('no form knocks');
    const item = put({ conditions: [] }, { ...short, settleSec: 2 });
    expect((item?.quietSec ?? 0) + 2).toBeGreaterThanOrEqual(8);
  });
});

describe('going on with one form for long', () => {
  const form = found('mist-over-the-lake');
  const calm = asksOf(form, 'full');
  const tiring = { ...calm, armsAboveShoulders: true };
  const minutes = (count: number): number => count * 60_000;

  it('costs nothing for as long as a form is usually done (common practice: one to three minutes)', () => {
    for (const role of ROLES) {
      // A joint is soon loosened, a class soon awake and arrived.
      const most = role === 'loosen' ? 1 : role === 'wake' || role === 'arrive' ? 2 : 3;
      expect(longPoints(form, calm, role, undefined, minutes(most))).toBeCloseTo(0, 9);
      expect(longPoints(form, tiring, role, undefined, minutes(2))).toBeCloseTo(0, 9);
    }
  });

  it('lets a class arrive for longer where it is longer: two minutes in twenty, four in an hour (common practice)', () => {
    const arriving = (most: number, full: number) =>
      longPoints(form, calm, 'arrive', undefined, minutes(most), full);
    expect(arriving(2, fullness(20))).toBeCloseTo(0, 9);
    expect(arriving(4, fullness(20))).toBeLessThan(-1);
    expect(arriving(4, fullness(60))).toBeCloseTo(0, 9);
  });

  it('costs more the longer it is, sooner where it tires, and later where it is still', () => {
    expect(longPoints(form, calm, 'nourish', undefined, minutes(5))).toBeLessThan(
      longPoints(form, calm, 'nourish', undefined, minutes(4)),
    );
    expect(longPoints(form, tiring, 'nourish', undefined, minutes(4))).toBeLessThan(
      longPoints(form, calm, 'nourish', undefined, minutes(4)),
    );
    expect(longPoints(found('hold-embrace-belly'), calm, 'still', undefined, minutes(5))).toBeCloseTo(0, 9);
    expect(longPoints(found('deep-water-breathing'), calm, 'nourish', undefined, minutes(5))).toBeCloseTo(
      0,
      9,
    );
    // A lesson drills what it teaches for as long as it takes.
    expect(longPoints(form, tiring, 'nourish', 'drill', minutes(12))).toBeCloseTo(0, 9);
  });
});

describe('the way of an exhale', () => {
  const plain = found('mist-over-the-lake');

  it.each([
    ['clear', 'by-purpose', 'mouth'],
    ['nourish', 'by-purpose', 'nose'],
    ['still', 'by-purpose', undefined],
    ['gather', 'by-purpose', undefined],
    ['clear', 'nose', 'nose'],
    ['nourish', 'nose', 'nose'],
    ['loosen', 'nose', 'nose'],
  ] as const)('to %s, by the custom “%s”, is wanted by the %s (common practice)', (role, custom, way) => {
    expect(exhaleWanted(plain, role, custom)).toBe(way);
  });

  it('is left to the sound where there is one, and to nothing where nothing is breathed out', () => {
    expect(exhaleWanted(found('sound-lung'), 'clear', 'by-purpose')).toBeUndefined();
    const free = { ...plain, cycle: plain.cycle.map((stroke) => ({ ...stroke, breath: 'free' as const })) };
    expect(exhaleWanted(free as Form, 'clear', 'by-purpose')).toBeUndefined();
  });

  it('is by the mouth for what clears in a draft, by the nose where that is the custom', () => {
    const entry = allowed(plain);
    expect(itemDraft(asking(), entry, 'clear', []).exhaleByMouth).toBe(true);
    expect(itemDraft(asking(), entry, 'nourish', []).exhaleByMouth).toBe(false);
    const nose: Asking = { ...asking(), customs: { ...DEFAULT_CUSTOMS, exhaleRoute: 'nose' } };
    expect(itemDraft(nose, entry, 'clear', []).exhaleByMouth).toBe(false);
  });
});
