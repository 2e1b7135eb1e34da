import type { Practice } from '@/core/practice';

/** A former version of a practice from the server; undefined where it could not be had. */
export async function readVersion(id: string, version: number): Promise<Practice | undefined> {
  try {
    const response = await fetch(`/api/practices/${id}/versions/${version}`);
    // The schemas come only when there is something to read.
    const { readPractice } = await import('./reading');
    return readPractice(await response.json());
  } catch {
    return undefined;
  }
}
