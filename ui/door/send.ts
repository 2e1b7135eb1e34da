/** Sends something to the server in JSON, when it is asked to. */
export const send = (method: 'POST' | 'PUT', path: string, body: object) => () =>
  fetch(path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
