import { renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { PART_IDS, type PartId } from '@/core/archive/parts';
import { answering, readBody, refuse } from '@/server/answers';
import { BEFORE, copiesOf, saveArchive } from '@/server/archive/copies';
import { fileOf, letGoOf } from '@/server/archive/incoming';
import { ArchiveRefused } from '@/server/archive/read';
import { bringArchive, planArchive } from '@/server/archive/restore';
import { mine } from '@/server/access/asking';
import { dataFolder } from '@/server/database';
import type { OwnDatabase } from '@/server/sql';
import { inSteps, type Step } from '@/server/steps';
import { isVeiled } from '@/server/veil';

type Context = { readonly params: Promise<{ readonly token: string }> };

const VEILED = 'What is private is veiled now: lift the veil first.';
const askedSchema = z.strictObject({
  parts: z.array(z.enum(PART_IDS as [PartId, ...PartId[]])).min(1, 'at least one part'),
});

const refused = (error: unknown): Response => {
  if (!(error instanceof ArchiveRefused)) throw error;
  return refuse(422, {
    message: `It cannot be brought in. ${error.message}. Nothing was changed.`,
    field: error.where,
  });
};

/** What bringing in a copy, or a file that was sent, would do. */
export const GET = (request: Request, context: Context) =>
  answering(async () => {
    if (await isVeiled()) return refuse(403, { message: VEILED });
    const { token } = await context.params;
    const open = await mine();
    const file = fileOf(copiesOf(dataFolder(), open.teacherId), token);
    if (!file) return refuse(404, { message: 'That file is not here any more.' });
    return inSteps(request, async (step) => {
      try {
        return Response.json({ token, ...(await planArchive(open, file, step)) });
      } catch (error) {
        return refused(error);
      }
    });
  });

async function brought(
  open: OwnDatabase,
  at: string,
  token: string,
  file: string,
  parts: readonly PartId[],
  step: Step,
): Promise<Response> {
  const nowMs = Date.now();
  const before = path.join(at, `navuren-${BEFORE}.new.zip`);
  await saveArchive(open, before, nowMs);
  try {
    const done = await bringArchive(open, file, parts, nowMs, step);
    // Only now: what is brought in may be the former "before" itself.
    renameSync(before, path.join(at, `navuren-${BEFORE}.zip`));
    letGoOf(at, token);
    return Response.json({ parts: done });
  } catch (error) {
    // Nothing was brought in: what was here is here, and needs no copy.
    rmSync(before, { force: true });
    return refused(error);
  }
}

/** Brings parts of it in, whole or not at all; what was here before is kept as a copy of its own first. */
export const POST = (request: Request, context: Context) =>
  answering(async () => {
    if (await isVeiled()) return refuse(403, { message: VEILED });
    const { token } = await context.params;
    const asked = await readBody(request, askedSchema);
    if (!asked.ok) return asked.answer;
    const open = await mine();
    const at = copiesOf(dataFolder(), open.teacherId);
    const file = fileOf(at, token);
    if (!file) return refuse(404, { message: 'That file is not here any more; nothing was changed.' });
    const { parts } = asked.value;
    return inSteps(request, (step) => brought(open, at, token, file, parts, step));
  });
