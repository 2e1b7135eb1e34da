/** Asks the server to open or shut the door, or for another passphrase. */
export const put = (body: object) => () =>
  fetch('/api/door', {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
