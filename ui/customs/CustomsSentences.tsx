import type { CustomSentence } from '@/ui/words/customsSentences';

/** The customs to be read through, each with what another choice would make of today. */
export function CustomsSentences({ sentences }: { sentences: readonly CustomSentence[] }) {
  return (
    <section aria-labelledby="in-words" className="mb-8">
      <h2 id="in-words" className="sr-only">
        In words
      </h2>
      <ul className="reading border-t border-ink">
        {sentences.map(({ holds, otherwise, href }) => (
          <li
            key={holds}
            className="grid items-baseline gap-x-6 border-b border-hairline py-1.5 sm:grid-cols-[1fr_16rem_4.5rem]"
          >
            <span className="font-serif text-[1.12rem] leading-snug">{holds}</span>
            <span className="quiet small">{otherwise}</span>
            <a className="press-plain small justify-self-start" href={href}>
              Change<span className="sr-only">: {holds}</span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
