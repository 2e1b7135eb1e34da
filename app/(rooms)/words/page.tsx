import Link from 'next/link';
import { sourceTitle } from '@/core/sources';
import { TERMS, type Term } from '@/core/terms/terms';

export const metadata = { title: 'Words' };

const byWord = [...(TERMS as readonly Term[])].sort((a, b) =>
  a.word.localeCompare(b.word, 'en', { sensitivity: 'base' }),
);
const PARTS = [
  { id: 'ours', title: 'Words of this application', of: byWord.filter(({ source }) => source === 'ours') },
  { id: 'trade', title: 'Words of the practice', of: byWord.filter(({ source }) => source !== 'ours') },
];

/** What the words mean that are met here. */
export default function WordsPage() {
  return (
    <div className="max-w-3xl">
      <h1>Words</h1>
      <p className="reading">Schools differ in many of these; what is said here is the common ground.</p>
      {PARTS.map(({ id, title, of }) => (
        <section key={id} aria-labelledby={id} className="mt-6">
          <h2 id={id} className="border-b border-ink pb-1">
            {title}
          </h2>
          <dl>
            {of.map(({ id: term, word, hanzi, also, says, source, href }) => (
              <div
                key={term}
                id={term}
                className="grid gap-x-6 border-b border-hairline py-2 target:bg-leaf sm:grid-cols-[13rem_minmax(0,1fr)]"
              >
                <dt className="font-serif text-[1.1rem]">
                  {word}{' '}
                  {hanzi && (
                    <span lang="zh-Hant" className="hanzi">
                      {hanzi}
                    </span>
                  )}
                  {also && <span className="quiet small block font-sans">also: {also.join(', ')}</span>}
                </dt>
                <dd>
                  {says}{' '}
                  {href && (
                    <Link className="press-plain small" href={href}>
                      Go there<span className="sr-only">: {word}</span>
                    </Link>
                  )}
                  {source !== 'ours' && <span className="quiet small block">{sourceTitle(source)}</span>}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}
