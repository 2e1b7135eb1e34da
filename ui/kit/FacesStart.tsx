/** Faces for letters, for pinyin and for characters; not for scripts in which nothing here is written. */
const NEEDED = /^U\+(0-FF|100-2BA|[4-9A-F][0-9A-F]{3})/;

const TEXT = `addEventListener('load', () => (window.requestIdleCallback ?? setTimeout)(() => {
  for (const face of document.fonts)
    if (face.status === 'unloaded' && ${NEEDED.toString()}.test(face.unicodeRange)) face.load().catch(() => undefined);
}));`;

/**
 * Fetches every face that what is opened or found later may need, when the page has come: one that comes only when it is seen
 * first lays the whole page out anew, just when a hand is at it. A script of its own, as OfflineStart is.
 */
export function FacesStart({ nonce }: { readonly nonce: string }) {
  return <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: TEXT }} />;
}
