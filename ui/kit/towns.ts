'use client';

import { z } from 'zod';

const townSchema = z.object({
  name: z.string(),
  where: z.string(),
  latitudeDeg: z.number(),
  longitudeDeg: z.number(),
  zone: z.string(),
});
export type Town = z.infer<typeof townSchema>;
const answerSchema = z.object({ towns: z.array(townSchema) });

/** Towns by the beginning of their name, or the largest of a time zone; none where the server does not answer. */
export async function askTowns(
  asked: { readonly words: string } | { readonly zone: string },
  signal?: AbortSignal,
): Promise<readonly Town[]> {
  const query = new URLSearchParams(asked).toString();
  const response = await fetch(`/api/towns?${query}`, signal ? { signal } : {});
  return answerSchema.parse(await response.json()).towns;
}

/** A place as it is read: "51.5° N, 0.1° W". */
export function placeText({ latitudeDeg, longitudeDeg }: Pick<Town, 'latitudeDeg' | 'longitudeDeg'>): string {
  const side = (deg: number, plus: string, minus: string): string =>
    `${Math.abs(deg).toFixed(1)}° ${deg < 0 ? minus : plus}`;
  return `${side(latitudeDeg, 'N', 'S')}, ${side(longitudeDeg, 'E', 'W')}`;
}
