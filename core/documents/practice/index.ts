import { z } from 'zod';
import { practiceSchema, type Practice } from '../../practice';
import { isPlain, upgraded, VERSION_FIELD, type DocumentKind, type Plain, type Upgrade } from '../document';
import { withSchoolsNow } from '../schools';

/** Schools had other names before version 1. */
const schoolsRenamed: Upgrade = (former) =>
  isPlain(former.customs) ? { ...former, customs: withSchoolsNow(former.customs) } : former;

/** Version 2 calls a form that must be in pinned, and an item that redrafts leave alone kept. */
const pinsAndKept: Upgrade = (former) => ({
  ...former,
  ...(isPlain(former.brief) ? { brief: renamed(former.brief, 'withForms', 'pins') } : {}),
  ...(Array.isArray(former.items) ? { items: former.items.map(withKeptItem) } : {}),
});

const withKeptItem = (item: unknown): unknown => {
  if (!isPlain(item)) return item;
  const next = renamed(item, 'locked', 'kept');
  return Array.isArray(next.reasons) ? { ...next, reasons: next.reasons.map(pinnedReason) } : next;
};
const pinnedReason = (reason: unknown): unknown =>
  isPlain(reason) && reason.code === 'must-be-in' ? { ...reason, code: 'pinned' } : reason;

/** Version 3 holds any posture, on each side, where before only the last was held, once. */
const staysOfHold: Upgrade = (former) => ({
  ...former,
  ...(Array.isArray(former.items) ? { items: former.items.map(withStays) } : {}),
});
const withStays = (item: unknown): unknown => {
  if (!isPlain(item) || !('holdSec' in item)) return item;
  const { holdSec, ...rest } = item;
  return typeof holdSec === 'number' && holdSec >= 1 && !('stays' in item)
    ? { ...rest, stays: [{ sec: holdSec, on: 'last' }] }
    : rest;
};

/** The field under its new name, in its place; what has the new name already is left alone. */
const renamed = (data: Plain, from: string, to: string): Plain =>
  from in data && !(to in data)
    ? Object.fromEntries(Object.entries(data).map(([field, value]) => [field === from ? to : field, value]))
    : data;

/** A practice, with every form as it was when it was written. */
export const PRACTICE_DOCUMENT: DocumentKind<Practice> = {
  name: 'a practice',
  upgrades: [schoolsRenamed, pinsAndKept, staysOfHold],
  schema: practiceSchema,
};

/** A practice of any age within something larger: brought up to the present shape, then checked. */
export const practiceOfAnyAge = z.preprocess((data) => {
  if (!isPlain(data)) return data;
  const { [VERSION_FIELD]: version, ...practice } = data;
  return upgraded(PRACTICE_DOCUMENT, practice, typeof version === 'number' ? version : 0);
}, practiceSchema);
