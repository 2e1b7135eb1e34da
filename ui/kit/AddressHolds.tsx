'use client';

import { useEffect } from 'react';

/** The parts of a query in one order, so that two can be compared. */
function sorted(query: URLSearchParams): string {
  query.sort();
  return query.toString();
}

/**
 * Sees to it that the page is that of its address. A room writes its address as it is used (wishes, an id once it is
 * kept); gone back to, the framework brings the page as it was first fetched. Then it is fetched anew.
 */
export function AddressHolds({ path, query }: { readonly path: string; readonly query: string }) {
  useEffect(() => {
    const { pathname, search } = window.location;
    if (pathname !== path || sorted(new URLSearchParams(search)) !== sorted(new URLSearchParams(query)))
      window.location.reload();
    // Once, when the page comes: later the address is written by the room itself.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return null;
}
