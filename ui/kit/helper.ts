import { wrap, type Remote } from 'comlink';

/** A worker and what becomes of it: once it has failed it answers nothing more. */
export interface Helper<Api> {
  readonly remote: Remote<Api>;
  /** What a question comes to, or a rejection when the worker fails or could not be loaded. */
  readonly ask: <Result>(question: (remote: Remote<Api>) => Promise<Result>) => Promise<Result>;
  readonly stop: () => void;
}

/** Wraps a new worker; `onFailed` is told once, so that the next question can begin with another. */
export function newHelper<Api>(worker: Worker, onFailed: () => void): Helper<Api> {
  const remote = wrap<Api>(worker);
  const failing = new Promise<never>((_, reject) => {
    const fail = (): void => {
      worker.terminate();
      onFailed();
      reject(new Error('the worker stopped'));
    };
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
  });
  // Nobody may be waiting when it fails.
  failing.catch(() => undefined);
  return {
    remote,
    ask: (question) => Promise.race([question(remote), failing]),
    stop: () => worker.terminate(),
  };
}
