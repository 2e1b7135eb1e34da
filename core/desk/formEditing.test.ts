import fc from 'fast-check';
import { blankForm } from '../forms/own/drafting';
import type { Form } from '../forms';
import {
  formEditing,
  SAME_STEP_MS,
  startFormEditing,
  type FormEditing,
  type FormEditingEffect,
  type FormEditingEvent,
  type KeptForm,
} from './formEditing';

const blank = blankForm('own-unkept', 'A form of my own');
const kept = { ...blank, id: 'own-lantern-1', name: 'Lantern' };
const named = (name: string, atMs = 0, what = 'name'): FormEditingEvent => ({
  kind: 'changed',
  what,
  make: (form) => ({ ...form, name }),
  atMs,
});

class Editor {
  readonly effects: FormEditingEffect[] = [];
  constructor(public state: FormEditing) {}
  happens(...events: readonly FormEditingEvent[]): this {
    for (const event of events) {
      const next = formEditing(this.state, event);
      this.state = next.state;
      this.effects.push(...next.effects);
    }
    return this;
  }
  get form(): Form {
    return this.state.steps.present;
  }
  get keptLast(): KeptForm | undefined {
    return this.effects.findLast((effect) => effect.kind === 'keep')?.kept;
  }
  get sent(): Extract<FormEditingEffect, { kind: 'send' }> | undefined {
    return this.effects.findLast((effect) => effect.kind === 'send');
  }
}
const opened = (): Editor => new Editor(startFormEditing(kept, 4));
const fresh = (): Editor => new Editor(startFormEditing(blank, undefined));
const save: FormEditingEvent = { kind: 'save-asked', freshId: 'abcdef0123456789' };
const undone: FormEditingEvent = { kind: 'stepped', way: 'undo' };

describe('writing a form', () => {
  it('makes one step of a run of presses in one field, and another of the next field or a pause', () => {
    const editor = opened().happens(
      named('L', 0),
      named('La', SAME_STEP_MS - 1),
      named('Lan', 2 * SAME_STEP_MS - 2),
      named('Lanx', 2 * SAME_STEP_MS - 1, 'another field'),
      named('Lan2', 4 * SAME_STEP_MS),
    );
    expect(editor.state.steps.past.map(({ name }) => name)).toEqual(['Lantern', 'Lan', 'Lanx']);
    editor.happens(undone, undone, undone, undone);
    expect(editor.form).toBe(kept);
    expect(editor.keptLast).toEqual({ form: kept, version: 4 });
  });

  it('keeps every change in this browser with the version it was made on', () => {
    const editor = opened().happens(named('Other'));
    expect(editor.keptLast).toEqual({ form: editor.form, version: 4 });
    expect(editor.happens({ kind: 'kept', isKept: false }).state.isKept).toBe(false);
    const before = editor.effects.length;
    editor.happens({ kind: 'changed', what: 'nothing', make: (form) => form, atMs: 0 });
    expect(editor.effects).toHaveLength(before);
  });

  it('adds a way that is chosen and not there, and takes it away again as steps', () => {
    const editor = opened().happens({ kind: 'chose-part', part: 'seated' });
    expect(editor.state.part).toBe('seated');
    expect(editor.form.seated).toBeDefined();
    editor.happens(
      { kind: 'chose-stroke', stroke: 1, posture: 0 },
      { kind: 'variant-removed', variant: 'seated' },
    );
    expect(editor.state).toMatchObject({ part: 'cycle', stroke: 0 });
    expect(editor.form.seated).toBeUndefined();
    expect(editor.happens(undone).form.seated).toBeDefined();
    const steps = editor.state.steps.past.length;
    editor.happens({ kind: 'chose-part', part: 'cycle' }, { kind: 'chose-part', part: 'entry' });
    expect(editor.state).toMatchObject({ part: 'entry', stroke: 0, posture: 0 });
    expect(editor.state.steps.past).toHaveLength(steps);
    editor.happens({ kind: 'chose-part', part: 'smaller' });
    expect(editor.form.smaller).toBeDefined();
  });
});

describe('keeping a form for good', () => {
  it('sends it whole, with an id of its own where it is new, and is forgotten here once the server has it', () => {
    const editor = fresh().happens(named('Bright lantern'), save);
    expect(editor.sent?.version).toBeUndefined();
    expect(editor.sent?.form.id).toBe('own-bright-lantern-abcdef01');
    // Pressed twice, it is one form.
    expect(editor.happens(save).effects.filter(({ kind }) => kind === 'send')).toHaveLength(1);
    editor.happens({
      kind: 'heard',
      form: editor.sent?.form ?? blank,
      isNew: true,
      heard: { code: 'saved', version: 1 },
    });
    expect(editor.effects.slice(-2).map(({ kind }) => kind)).toEqual(['forget', 'saved']);
    expect(editor.state.version).toBe(1);
    editor.happens(named('Brighter', 9999), save);
    expect(editor.sent).toMatchObject({
      version: 1,
      form: { id: 'own-bright-lantern-abcdef01', name: 'Brighter' },
    });
  });

  it('keeps what was written while it was on its way', () => {
    const editor = opened().happens(named('Sent'), save, named('Later', 9999));
    const form = editor.sent?.form ?? blank;
    editor.happens({ kind: 'heard', form, isNew: false, heard: { code: 'saved', version: 5 } });
    expect(editor.effects.map(({ kind }) => kind)).not.toContain('forget');
    expect(editor.keptLast).toMatchObject({ version: 5, form: { name: 'Later' } });
  });

  it('says which field is wrong and sends nothing', () => {
    const editor = opened().happens(named(''), save);
    expect(editor.state.problem).toMatchObject({ code: 'field', path: ['name'] });
    expect(editor.sent).toBeUndefined();
    const numbers = opened().happens(
      {
        kind: 'changed',
        what: 'numbers',
        make: (form) => ({ ...form, repetitions: { ...form.repetitions, least: 5, usual: 3 } }),
        atMs: 0,
      },
      save,
    );
    expect(numbers.state.problem).toMatchObject({ code: 'field', path: ['repetitions'] });
  });

  it('stays as it was where the server is gone or refuses, and can be sent again', () => {
    for (const heard of [{ code: 'unheard' }, { code: 'refused', message: 'no' }] as const) {
      const editor = opened().happens(named('Other'), save, {
        kind: 'heard',
        form: kept,
        isNew: false,
        heard,
      });
      expect(editor.state.problem).toEqual(heard);
      expect(editor.form.name).toBe('Other');
      expect(editor.happens(save).effects.filter(({ kind }) => kind === 'send')).toHaveLength(2);
      expect(editor.state.problem).toBeUndefined();
    }
  });

  it('goes into the bin, or says why not', () => {
    const editor = opened().happens({ kind: 'bin-asked' }, { kind: 'bin-failed', message: 'gone' });
    expect(editor.state.problem).toEqual({ code: 'refused', message: 'gone' });
    editor.happens({ kind: 'binned' });
    expect(editor.effects.map(({ kind }) => kind)).toEqual(['bin', 'forget', 'binned']);
  });
});

describe('what was written before, or in another window', () => {
  it('comes back as a step; a draft of an older version is told and judged by that version', () => {
    const draft = { ...kept, name: 'Drafted' };
    const editor = opened().happens({ kind: 'restored', kept: { form: draft, version: 4 } });
    expect(editor.state).toMatchObject({ isRestored: true, problem: undefined, version: 4 });
    expect(editor.happens(undone).form).toBe(kept);
    const older = opened().happens({ kind: 'restored', kept: { form: draft, version: 3 } });
    expect(older.state.problem).toEqual({ code: 'changed-elsewhere' });
    expect(older.happens(save).sent?.version).toBe(3);
  });

  it('is left where the form is written on already, or says nothing new', () => {
    const editor = opened().happens({ kind: 'restored', kept: { form: { ...kept }, version: 4 } });
    expect(editor.state.isRestored).toBe(false);
    editor.happens(named('Now'), { kind: 'restored', kept: { form: { ...kept, name: 'Then' }, version: 4 } });
    expect(editor.form.name).toBe('Now');
  });

  it('both stay: mine as a form of its own, or theirs on the table with mine an undo away', () => {
    const told: FormEditingEvent = {
      kind: 'heard',
      form: kept,
      isNew: false,
      heard: { code: 'changed-elsewhere' },
    };
    const copy = opened().happens(named('Mine'), save, told, { kind: 'copied', freshId: '00000000ffff' });
    expect(copy.sent).toMatchObject({ version: undefined, form: { name: 'Mine (my copy)' } });
    expect(copy.sent?.form.id).not.toBe(kept.id);
    const theirs = { ...kept, name: 'Theirs' };
    const taken = opened().happens(named('Mine'), save, told, {
      kind: 'theirs-read',
      form: theirs,
      version: 5,
    });
    expect(taken.form).toBe(theirs);
    expect(taken.state).toMatchObject({ version: 5, problem: undefined });
    taken.happens(undone, save);
    expect(taken.sent).toMatchObject({ version: 5, form: { name: 'Mine' } });
  });
});

describe('law of writing a form', () => {
  it('what this browser keeps is always what is on the table, and undo leads back to the start', () => {
    const event = fc.oneof(
      fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.nat(3000)).map(([name, atMs]) => named(name, atMs)),
      fc.constantFrom<FormEditingEvent>(
        undone,
        { kind: 'stepped', way: 'redo' },
        { kind: 'chose-part', part: 'smaller' },
        { kind: 'variant-removed', variant: 'smaller' },
      ),
    );
    fc.assert(
      fc.property(fc.array(event, { maxLength: 20 }), (events) => {
        const editor = opened().happens(...events);
        if (editor.keptLast) expect(editor.keptLast.form).toBe(editor.form);
        else expect(editor.form).toBe(kept);
        for (let count = editor.state.steps.past.length; count > 0; count -= 1) editor.happens(undone);
        expect(editor.form).toBe(kept);
      }),
      { seed: 7, numRuns: 200 },
    );
  });
});
