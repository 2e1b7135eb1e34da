import Link from 'next/link';

/** Asking in words, with a way to write one's own beside it. */
export function AskField({
  id,
  label,
  placeholder,
  value,
  onValue,
  write,
}: {
  readonly id: string;
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly onValue: (value: string) => void;
  readonly write: { readonly href: string; readonly label: string };
}) {
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
      <label className="sr-only" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        className="field w-auto min-w-60 flex-1 font-serif text-[1.2rem]"
        placeholder={placeholder}
        maxLength={200}
        value={value}
        onChange={(event) => onValue(event.target.value)}
      />
      <Link className="press" href={write.href}>
        {write.label}
      </Link>
    </div>
  );
}
