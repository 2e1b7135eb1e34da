import { bodiesOf, bodyAt, bodyLanes, compile, edit, type Practice } from '.';
import { distance, solveGoals } from '../body';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';

function composed(minutes: number, posture: 'standing' | 'seated' = 'standing'): Practice {
  const result = compose({
    brief: { ...PLAIN_BRIEF, minutes, posture, theme: { kind: 'organ', organ: 'liver' } },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 3,
    enough: 0.5,
  });
  if (!result.ok) throw new Error('expected a practice');
  return result.practice;
}

describe('the body of a practice', () => {
  const practice = composed(15);
  const timeline = compile(practice);
  const movements = bodiesOf(practice, timeline);

  it('has a movement for every event, each beginning where the one before ended', () => {
    expect(movements).toHaveLength(timeline.events.length);
    movements.slice(1).forEach((movement, index) => {
      expect(movement.keys[0]).toEqual(movements[index]?.keys.at(-1));
    });
  });

  it('goes through every posture of a stroke, as often as it pulses', () => {
    const strokes = timeline.events.filter(({ stroke }) => (stroke?.postures ?? []).length > 0);
    expect(strokes.length).toBeGreaterThan(10);
    for (const { index, stroke } of strokes)
      expect(movements[index]?.keys).toHaveLength(
        1 + (stroke?.postures?.length ?? 0) * (stroke?.rounds ?? 1),
      );
    expect(strokes.some(({ stroke }) => stroke?.rounds === undefined && stroke?.postures?.length === 1)).toBe(
      true,
    );
  });

  it('never jumps: a hand moves less than it could within a fifth of a second', () => {
    let before: ReturnType<typeof solveGoals> | undefined;
    for (const event of timeline.events.slice(0, 60))
      for (let at = event.startMs; at < event.startMs + event.lengthMs; at += 200) {
        const goals = bodyAt(movements, event, at);
        if (!goals) throw new Error('expected a body');
        const body = solveGoals(goals);
        if (before) {
          expect(distance(body.arms.left.palm, before.arms.left.palm)).toBeLessThan(1.1);
          expect(distance(body.trunk.midHip, before.trunk.midHip)).toBeLessThan(0.35);
        }
        before = body;
      }
  });

  it('gives lanes all through, in order and within their ranges', () => {
    const lanes = bodyLanes(timeline, movements);
    expect(lanes.length).toBeGreaterThan(timeline.events.length / 2);
    lanes.forEach((point, index) => {
      expect(point.atMs).toBeGreaterThanOrEqual(lanes[index - 1]?.atMs ?? 0);
      expect(point.left).toBeGreaterThanOrEqual(0);
      expect(point.left).toBeLessThanOrEqual(1);
      expect(point.height).toBeGreaterThan(0.4);
      expect(point.height).toBeLessThanOrEqual(1);
      expect(point.leftHand).toBeGreaterThan(-0.05);
      expect(point.rightHand).toBeLessThan(1.4);
    });
    expect(lanes.at(-1)?.atMs).toBeLessThanOrEqual(timeline.totalMs);
  });

  it('has a point for a stroke however short, and none closer together than asked', () => {
    const short = timeline.events.find((event) => (movements[event.index]?.keys.length ?? 0) > 1);
    if (!short) throw new Error('expected a stroke that moves');
    const alone = (lengthMs: number, stepMs: number) =>
      bodyLanes({ ...timeline, events: [{ ...short, startMs: 1000, lengthMs }] }, movements, stepMs).map(
        ({ atMs }) => atMs,
      );
    // Shorter than a step: one point, where it ends.
    expect(alone(500, 700)).toEqual([1500]);
    // With room for two: half way, and where it ends.
    expect(alone(1400, 700)).toEqual([1700, 2400]);
    expect(alone(1399, 700)).toEqual([2399]);
  });

  it('sits all through a seated practice', () => {
    const seated = composed(12, 'seated');
    const line = compile(seated);
    const lanes = bodyLanes(line, bodiesOf(seated, line));
    for (const point of lanes) {
      expect(point.height).toBeLessThan(0.75);
    }
  });

  it('stays where it is through a form without postures, as in an older file', () => {
    const bare: Practice = {
      ...practice,
      forms: Object.fromEntries(
        Object.entries(practice.forms).map(([id, form]) => [
          id,
          { ...form, cycle: form.cycle.map(({ postures: _gone, ...stroke }) => stroke), entry: [], exit: [] },
        ]),
      ),
    };
    const line = compile(bare);
    expect(bodiesOf(bare, line)).toHaveLength(line.events.length);
    expect(bodyLanes(line, bodiesOf(bare, line)).every((point) => Number.isFinite(point.leftHand))).toBe(
      true,
    );
  });

  it('keeps a seal through a still form, announces it once, and lays it on nothing else', () => {
    const still = practice.items.find((item) => item.formId === 'arrive-wuji' || item.role === 'arrive');
    const form = still && practice.forms[still.formId];
    if (!still || !form) throw new Error('expected an arrival');
    const free = REPERTOIRE.find(({ id }) => id === 'arrive-wuji');
    if (!free) throw new Error('no standing in stillness');
    const standing: Practice = {
      ...practice,
      forms: { ...practice.forms, [free.id]: free },
      items: [{ ...still, formId: free.id, variant: 'full' }, ...practice.items.slice(1)],
    };
    const sealed = edit(standing, { kind: 'seal', itemId: still.id, seal: 'ring' });
    const laid = compile(sealed);
    const [plain, held] = [compile(standing), laid];
    // The announcement is all that is added.
    expect(held.events.length - plain.events.length).toBe(1);
    expect(held.events.filter(({ cue }) => cue.startsWith('Thumb and forefinger meet')).length).toBe(1);
    expect(held.unlaid).toEqual([]);
    const shapes = new Set(
      held.events.flatMap((event) =>
        event.itemId === still.id && event.stroke
          ? (bodiesOf(sealed, held)[event.index]?.keys.slice(1) ?? []).map((goals) => goals.leftHand.to.shape)
          : [],
      ),
    );
    expect([...shapes]).toEqual(['ring fingers']);
    const moving = practice.items.find(({ formId }) =>
      REPERTOIRE.some((one) => one.id === formId && one.pace === 'flowing'),
    );
    if (!moving) throw new Error('expected something that flows');
    const refused = compile(edit(practice, { kind: 'seal', itemId: moving.id, seal: 'sword' }));
    expect(refused.events).toHaveLength(timeline.events.length);
    expect(refused.unlaid).toEqual([{ itemId: moving.id, layer: 'seal', id: 'sword', why: 'moves' }]);
    // Taken back it is as it was.
    expect(edit(sealed, { kind: 'seal', itemId: still.id, seal: undefined })).toEqual(standing);
  });
});
