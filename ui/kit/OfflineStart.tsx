/**
 * Lets pages that were opened once go on without the server (public/sw.js). As a script of its own rather than a part of every
 * page’s code: it must neither wait for that nor weigh on it.
 */
export function OfflineStart({
  build,
  nonce,
  forgets,
}: {
  readonly build: string;
  readonly nonce: string;
  /** No page is to be left behind: somebody looks on, or whoever it was has been sent away. */
  readonly forgets: boolean;
}) {
  const text = `if ('serviceWorker' in navigator) {
  navigator.serviceWorker.register(${JSON.stringify(`/sw.js?v=${encodeURIComponent(build)}`)}).catch(() => undefined);
  if (${String(forgets)} || location.pathname === '/enter') navigator.serviceWorker.controller?.postMessage('forget');
}`;
  return <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: text }} />;
}
