import { blankForm } from '@/core/forms/own/drafting';
import { freshBrowser, type Browser } from '@/ui/kit/browser.test.data';
import { dropDraft, keepDraft, takeDraft } from './drafts';

const PLACE = 'own-heron';
const draft = (name: string, version?: number) => ({ form: blankForm(PLACE, name), version });

let browser: Browser;
beforeEach(() => {
  browser = freshBrowser();
});

describe('drafts of a form', () => {
  it('come back to the window that opens the form after the first was closed, and move under its key', async () => {
    keepDraft(PLACE, 'first', draft('Half written', 3), 1000);
    const taken = await takeDraft(PLACE, 'second');
    expect(taken?.form.name).toBe('Half written');
    expect(taken?.version).toBe(3);
    expect(Object.keys(browser.store).filter((key) => key.startsWith('navuren-'))).toEqual([
      `navuren-form-draft:${PLACE}@second`,
    ]);
  });

  it('of two open windows stay each with its own', async () => {
    browser.open.push('first', 'second');
    keepDraft(PLACE, 'first', draft('Of the first'), 1000);
    keepDraft(PLACE, 'second', draft('Of the second'), 2000);
    expect(await takeDraft(PLACE, 'third')).toBeUndefined();
    browser.open.splice(0, 1);
    expect((await takeDraft(PLACE, 'third'))?.form.name).toBe('Of the first');
  });

  it('take the latest of several, and leave another form’s alone', async () => {
    keepDraft(PLACE, 'a', draft('Older'), 1000);
    keepDraft(PLACE, 'b', draft('Newer'), 2000);
    keepDraft('own-heron-walks', 'c', draft('Another'), 3000);
    expect((await takeDraft(PLACE, 'd'))?.form.name).toBe('Newer');
    // The older is still there, for whoever throws the newer away.
    dropDraft(PLACE, 'd');
    expect((await takeDraft(PLACE, 'd'))?.form.name).toBe('Older');
    expect((await takeDraft('own-heron-walks', 'd'))?.form.name).toBe('Another');
  });

  it('kept before windows had keys of their own are found too, and a broken one is passed over', async () => {
    const { form } = draft('From before');
    browser.store.setItem(`navuren-form-draft:${PLACE}`, JSON.stringify({ form, baseVersion: 0 }));
    browser.store.setItem(`navuren-form-draft:${PLACE}@broken`, '{"form":');
    const taken = await takeDraft(PLACE, 'now');
    expect(taken?.form.name).toBe('From before');
    expect(taken?.version).toBeUndefined();
  });

  it('stay where they are while this browser keeps nothing more', async () => {
    keepDraft(PLACE, 'first', draft('Precious'), 1000);
    browser.store.refuses = true;
    expect(keepDraft(PLACE, 'second', draft('Lost?'), 2000)).toBe(false);
    expect((await takeDraft(PLACE, 'second'))?.form.name).toBe('Precious');
    browser.store.refuses = false;
    expect((await takeDraft(PLACE, 'third'))?.form.name).toBe('Precious');
  });
});
