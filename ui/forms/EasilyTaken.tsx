import Link from 'next/link';
import type { Form } from '@/core/forms';

/** What a form is easily taken for, each beside what is its own. */
export function EasilyTaken({
  form,
  alike,
}: {
  form: Form;
  alike: readonly { readonly id: string; readonly name: string; readonly own: string }[];
}) {
  const own = alike.find(({ id }) => id === form.id)?.own;
  if (own === undefined) return null;
  return (
    <section>
      <h2>Easily taken for another</h2>
      <p>{own}</p>
      <ul className="mt-1 border-t border-hairline">
        {alike
          .filter(({ id }) => id !== form.id)
          .map(({ id, name, own: theirs }) => (
            <li key={id} className="border-b border-hairline py-1">
              <Link className="press-plain" href={`/forms/${id}`}>
                {name}
              </Link>{' '}
              <Link
                className="press-plain quiet small"
                href={`/forms/beside?a=${form.id}&b=${id}`}
                aria-label={`${form.name} beside ${name}`}
              >
                side by side
              </Link>
              <span className="quiet small block">{theirs}</span>
            </li>
          ))}
      </ul>
    </section>
  );
}
