'use client';

import { useEffect, useState } from 'react';

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
  // As the page came: later the address is written by the room itself.
  const [came] = useState({ path, query });
  useEffect(() => {
    const { pathname, search } = window.location;
    if (
      pathname !== came.path ||
      sorted(new URLSearchParams(search)) !== sorted(new URLSearchParams(came.query))
    )
      window.location.reload();
  }, [came]);
  return null;
}
