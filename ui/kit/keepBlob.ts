/** Long enough for a browser that asks where to, ms. */
const HELD_MS = 60_000;

/** Gives what was made in this browser to be kept as a file. */
export function keepBlob(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), HELD_MS);
}
