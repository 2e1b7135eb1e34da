'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { z } from 'zod';
import { OWN_PREFIX } from '@/core/forms/own/own';
import { pathText } from '@/core/formats/file';
import { inWords } from '@/core/text';
import { capital } from '@/core/text/text';
import { readAnswer } from '@/ui/kit/answer';
import { drop, keep, kept } from '@/ui/kit/keep';
import { newId } from '@/ui/kit/newId';
import { useSay } from '@/ui/kit/Said';

/** What is one's own and written: its kind, the room it belongs to, and how it is read. */
export interface LayerKindHere<Layer> {
  readonly kind: 'breath' | 'sound';
  readonly room: string;
  /** What it must be to be kept. */
  readonly schema: z.ZodType<Layer>;
  /** What a draft of it must be to be taken up again. */
  readonly draftSchema: z.ZodType<Layer>;
  readonly nameOf: (layer: Layer) => string;
  /** Its fields as the page calls them, for telling what is wrong. */
  readonly fields: Readonly<Record<string, string>>;
}

export interface LayerEditing<Layer> {
  readonly draft: Layer;
  readonly isRestored: boolean;
  readonly isKept: boolean;
  readonly isSaving: boolean;
  readonly problem: string | undefined;
  readonly set: (change: Partial<Layer>) => void;
  readonly save: () => void;
  /** Back to what was opened, the draft forgotten. */
  readonly startAnew: () => void;
}

/** A draft this browser kept, where it can be taken up again and says anything new. */
function keptDraft<Layer>(
  key: string,
  { draftSchema }: LayerKindHere<Layer>,
  start: Layer,
): Layer | undefined {
  try {
    const { data } = draftSchema.safeParse(JSON.parse(kept(key) ?? 'null'));
    return data && JSON.stringify(data) !== JSON.stringify(start) ? data : undefined;
  } catch {
    return undefined;
  }
}

/** What is wrong with a layer, in a sentence. */
function problemOf<Layer>(here: LayerKindHere<Layer>, error: z.ZodError): string {
  const [issue] = error.issues;
  const path = issue?.path ?? [];
  const field = here.fields[String(path[0])] ?? (pathText(path) || 'the whole');
  return `${capital(field)}: ${issue?.message ?? 'not as expected'}. Nothing was kept yet.`;
}

/** Sends a layer to be kept: a new one, or on top of the version it was opened at. */
const send = <Layer extends { readonly id: string }>(
  kind: string,
  layer: Layer,
  version: number | undefined,
) =>
  readAnswer(() =>
    fetch(version === undefined ? `/api/layers/${kind}` : `/api/layers/${kind}/${layer.id}`, {
      method: version === undefined ? 'POST' : 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(version === undefined ? { layer } : { layer, baseVersion: version }),
    }),
  );

/**
 * A breath or sound being written. The draft survives a reload in this browser until it is kept or begun anew; what is
 * wrong is told in a sentence with the field it speaks of, and nothing is lost. Used only once the page is ready.
 */
export function useLayerEditing<Layer extends { readonly id: string }>(
  here: LayerKindHere<Layer>,
  place: string,
  start: Layer,
  version: number | undefined,
): LayerEditing<Layer> {
  const { kind, room, schema, nameOf } = here;
  const key = `navuren-layer-draft:${kind}:${place}:${version ?? 0}`;
  const router = useRouter();
  const say = useSay();
  const [opened] = useState(() => keptDraft(key, here, start));
  const [draft, setDraft] = useState(opened ?? start);
  const [isRestored, setRestored] = useState(opened !== undefined);
  const [isKept, setIsKept] = useState(true);
  const [isSaving, setSaving] = useState(false);
  const [problem, setProblem] = useState<string>();
  const set = (change: Partial<Layer>): void => {
    const next = { ...draft, ...change };
    setDraft(next);
    setProblem(undefined);
    setIsKept(keep(key, JSON.stringify(next)));
  };
  const startAnew = (): void => {
    drop(key);
    setDraft(start);
    setRestored(false);
    setProblem(undefined);
  };
  const save = async (): Promise<void> => {
    const layer = version === undefined ? { ...draft, id: `${OWN_PREFIX}${newId()}` } : draft;
    const read = schema.safeParse(layer, { error: inWords });
    if (!read.success) return setProblem(problemOf(here, read.error));
    setSaving(true);
    const answer = await send(kind, read.data, version);
    setSaving(false);
    if (!answer.ok) return setProblem(answer.message);
    drop(key);
    say(`${nameOf(read.data)}: kept`);
    router.push(`${room}#${layer.id}`);
    router.refresh();
  };
  return { draft, isRestored, isKept, isSaving, problem, set, save: () => void save(), startAnew };
}
