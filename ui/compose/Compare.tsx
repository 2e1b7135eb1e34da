'use client';

import { useMemo, type ReactNode } from 'react';
import { comparePractices, formOf, type ComparedLine, type Item, type Practice } from '@/core/practice';
import { QuantityCharts } from '@/ui/charts/QuantityCharts';
import { BRIEF_WORDS, differsText, itemLine } from '@/ui/words/compare';
import { Sheet } from '@/ui/kit/Sheet';

interface Props {
  readonly mine: Practice;
  /** Undefined while it is read. */
  readonly theirs: Practice | undefined;
  readonly called: { readonly mine: string; readonly theirs: string };
  readonly onClose: () => void;
  /** What can be done about it. */
  readonly children?: ReactNode;
}

function Side({ item, of, isAlone }: { item: Item | undefined; of: Practice; isAlone: boolean }) {
  if (!item) return <span className="quiet">·</span>;
  const line = itemLine(item, formOf(of, item).name);
  return isAlone ? <strong>{line}</strong> : line;
}

function Line({ line, mine, theirs }: { line: ComparedLine; mine: Practice; theirs: Practice }) {
  const differs = differsText(line);
  const isSame = differs === '' && line.mine !== undefined && line.theirs !== undefined;
  return (
    <tr className={`border-b border-hairline align-baseline ${isSame ? 'quiet' : ''}`}>
      <td className="w-1/2 py-1 pr-4">
        <Side item={line.mine} of={mine} isAlone={!line.theirs} />
      </td>
      <td className="py-1">
        <Side item={line.theirs} of={theirs} isAlone={!line.mine} />
        {differs !== '' && <span className="watch ml-2">not the same: {differs}</span>}
      </td>
    </tr>
  );
}

function Table({
  mine,
  theirs,
  called,
}: Required<Omit<Props, 'onClose' | 'children' | 'theirs'>> & { theirs: Practice }) {
  const { lines, name, brief, isSame } = comparePractices(mine, theirs);
  const both = useMemo(
    () => [
      { name: called.mine, practice: mine },
      { name: called.theirs, practice: theirs },
    ],
    [called.mine, called.theirs, mine, theirs],
  );
  return (
    <>
      {isSame && <p className="my-2">There is no difference between the two.</p>}
      {brief.length > 0 && (
        <p className="my-2">
          The brief is not the same: {brief.map((word) => BRIEF_WORDS[word]).join(', ')}.
        </p>
      )}
      <table className="small w-full text-left">
        <thead>
          <tr className="border-b border-ink">
            <th scope="col" className="py-1 font-normal">
              {called.mine}
              {name && <em className="block">{mine.name}</em>}
            </th>
            <th scope="col" className="py-1 font-normal">
              {called.theirs}
              {name && <em className="block">{theirs.name}</em>}
            </th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <Line key={line.mine?.id ?? line.theirs?.id} line={line} mine={mine} theirs={theirs} />
          ))}
        </tbody>
      </table>
      {!isSame && <QuantityCharts practices={both} />}
    </>
  );
}

/** Two states of one practice side by side; what is not the same stands out. */
export function Compare({ mine, theirs, called, onClose, children }: Props) {
  return (
    <Sheet title="Side by side" onClose={onClose}>
      <div
        className="max-h-[66vh] overflow-y-auto"
        tabIndex={0}
        role="region"
        aria-label="Both running orders"
      >
        {theirs ? <Table mine={mine} theirs={theirs} called={called} /> : <p className="quiet">Looking …</p>}
      </div>
      {children && <div className="mt-3 flex flex-wrap gap-2">{children}</div>}
    </Sheet>
  );
}
