import { useEffect, useState } from 'react';
import { dropKept, keptNew, type KeptNew } from './useSaving';

/** New practices that never reached the server, offered again where new ones begin. */
export function KeptNewLine({ onOpen }: { readonly onOpen: (one: KeptNew) => void }) {
  const [found, setFound] = useState<readonly KeptNew[]>([]);
  useEffect(() => {
    let wanted = true;
    void keptNew().then((all) => wanted && setFound(all));
    return () => {
      wanted = false;
    };
  }, []);
  if (found.length === 0) return null;
  const without = (one: KeptNew): void => setFound((all) => all.filter(({ key }) => key !== one.key));
  return (
    <ul role="status" aria-label="Kept in this browser" className="should my-3 space-y-1">
      {found.map((one) => (
        <li key={one.key}>
          “{one.unsaved.practice.name}” could not be saved and is kept in this browser.{' '}
          <button
            type="button"
            className="press"
            onClick={() => {
              without(one);
              onOpen(one);
            }}
          >
            Open it
          </button>{' '}
          <button
            type="button"
            className="press-plain"
            onClick={() => {
              dropKept(one.key);
              without(one);
            }}
          >
            Throw it away
          </button>
        </li>
      ))}
    </ul>
  );
}
