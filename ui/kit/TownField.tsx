'use client';

import { useEffect, useId, useState, type KeyboardEvent } from 'react';
import { askTowns, placeText, type Town } from './towns';

/** A pause in typing, ms. */
const PAUSE_MS = 120;

interface Props {
  readonly label: string;
  /** What stands in the field before anything is typed. */
  readonly start: string;
  readonly onTown: (town: Town) => void;
}

/** A town by the beginning of its name: typed, chosen from the list with the arrows or a press. */
export function TownField({ label, start, onTown }: Props) {
  const id = useId();
  const [words, setWords] = useState(start);
  const [towns, setTowns] = useState<readonly Town[]>([]);
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const [told, setTold] = useState('');
  useEffect(() => {
    if (!open || words.trim().length < 2) return undefined;
    const stop = new AbortController();
    const soon = setTimeout(() => {
      askTowns({ words }, stop.signal)
        .then((found) => {
          setTowns(found);
          setAt(0);
          setTold(found.length === 0 ? 'No town in the list goes by this name.' : '');
        })
        .catch(() => {
          if (!stop.signal.aborted) setTold('The towns could not be looked up.');
        });
    }, PAUSE_MS);
    return () => {
      clearTimeout(soon);
      stop.abort();
    };
  }, [open, words]);
  const shown = open && words.trim().length >= 2 ? towns : [];
  const take = (town: Town): void => {
    setWords(town.name);
    setOpen(false);
    setTold(`${town.name}, ${town.where}: ${placeText(town)}.`);
    onTown(town);
  };
  const key = (event: KeyboardEvent): void => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const town = shown[at];
    if (step !== 0 && shown.length > 0) setAt((at + step + shown.length) % shown.length);
    else if (event.key === 'Enter' && town) take(town);
    else if (event.key === 'Escape' && shown.length > 0) setOpen(false);
    else return;
    event.preventDefault();
  };
  return (
    <div className="relative">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="field"
        role="combobox"
        aria-expanded={shown.length > 0}
        aria-controls={`${id}-towns`}
        aria-autocomplete="list"
        {...(shown[at] ? { 'aria-activedescendant': `${id}-${at}` } : {})}
        autoComplete="off"
        maxLength={80}
        placeholder="the first letters of its name"
        value={words}
        onChange={(event) => {
          setWords(event.target.value);
          setOpen(true);
        }}
        onBlur={() => setOpen(false)}
        onKeyDown={key}
      />
      <ul
        id={`${id}-towns`}
        role="listbox"
        aria-label="Towns"
        className={
          shown.length > 0 ? 'slip absolute inset-x-0 top-full z-20 max-h-72 overflow-y-auto' : 'hidden'
        }
      >
        {shown.map((town, index) => (
          <li
            key={`${town.name} ${town.where} ${town.latitudeDeg}`}
            id={`${id}-${index}`}
            role="option"
            aria-selected={index === at}
            className="found flex cursor-pointer flex-wrap items-baseline gap-x-2 px-2 py-1"
            data-selected={index === at}
            // Before the field loses the focus, which closes the list.
            onPointerDown={(event) => {
              event.preventDefault();
              take(town);
            }}
          >
            {town.name} <span className="quiet small">{town.where}</span>
          </li>
        ))}
      </ul>
      <p className="quiet small" role="status">
        {told}
      </p>
    </div>
  );
}
