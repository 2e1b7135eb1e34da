import type { Left } from './unsaved';

interface Props {
  readonly left: readonly Left[];
  readonly onOpen: (one: Left) => void;
  readonly onDrop: (one: Left) => void;
}

/** What closed windows left unsaved and this browser keeps: offered again where it belongs. */
export function LeftLine({ left, onOpen, onDrop }: Props) {
  if (left.length === 0) return null;
  return (
    <ul role="status" aria-label="Kept in this browser" className="should my-3 space-y-1">
      {left.map((one) => (
        <li key={one.key}>
          “{one.practice.name}” could not be saved and is kept in this browser.{' '}
          <button type="button" className="press" onClick={() => onOpen(one)}>
            Open it
          </button>{' '}
          <button type="button" className="press-plain" onClick={() => onDrop(one)}>
            Throw it away
          </button>
        </li>
      ))}
    </ul>
  );
}
