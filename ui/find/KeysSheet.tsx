'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { Sheet } from '@/ui/kit/Sheet';
import { EVERYWHERE, KEY_LISTS, type KeyList } from '@/ui/words/keys';

const List = ({ title, lines }: KeyList) => (
  <section className="mt-3">
    <h3 className="caption">{title}</h3>
    <dl>
      {lines.map(({ keys, does }) => (
        <div key={does} className="grid grid-cols-[8rem_minmax(0,1fr)] gap-x-4 border-b border-hairline py-1">
          <dt>
            {keys.map((key) => (
              <kbd key={key} className="mr-1">
                {key}
              </kbd>
            ))}
          </dt>
          <dd>{does}</dd>
        </div>
      ))}
    </dl>
  </section>
);

/** The keys of the room one is in, then those that hold everywhere. */
export function KeysSheet({ onClose }: { onClose: () => void }) {
  const path = usePathname();
  return (
    <Sheet title="Keys" onClose={onClose}>
      {KEY_LISTS.filter(({ at }) => path.startsWith(at)).map((list) => (
        <List key={list.title} {...list} />
      ))}
      <List {...EVERYWHERE} />
      <p className="small mt-3">
        Every word that is used here in a meaning of its own:{' '}
        <Link className="press-plain" href="/words" onClick={onClose}>
          Words
        </Link>
      </p>
    </Sheet>
  );
}
