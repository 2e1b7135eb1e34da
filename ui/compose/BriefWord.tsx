import type { ReactNode } from 'react';
import type { BriefWhy } from '@/core/brief';
import { LazyMenu } from '@/ui/kit/LazyMenu';

export interface Option<Value> {
  readonly value: Value;
  readonly label: ReactNode;
  readonly note?: string;
  readonly head?: string;
}

const WHY: Readonly<Record<BriefWhy, string>> = {
  chosen: 'You chose this.',
  group: 'As this group usually has it.',
  hour: 'From the hour of the day.',
  season: 'From the season, by your school.',
  customs: 'From your customs.',
  aim: 'The intent that serves this aim.',
  theme: 'As suits the theme.',
  place: 'For the sake of the place.',
  usual: 'The usual; press to choose another.',
};

/** One live word of the sentence. */
export function Word<Value>({
  name,
  shown,
  why,
  options,
  value,
  wide = false,
  more,
  onChoose,
}: {
  name: string;
  shown: ReactNode;
  why: BriefWhy;
  options: readonly Option<Value>[];
  value: Value;
  /** In three columns, for a long choice. */
  wide?: boolean;
  /** A line that leads to a larger choice. */
  more?: { readonly label: string; readonly onChoose: () => void };
  onChoose: (value: Value) => void;
}) {
  const key = (candidate: Value): string => JSON.stringify(candidate);
  return (
    <LazyMenu
      className="word"
      why={why}
      label={name}
      shown={
        <>
          <span className="sr-only">{name}: </span>
          {shown}
        </>
      }
      lines={options.map(({ value: own, label, note, head }) => ({ key: key(own), label, note, head }))}
      value={key(value)}
      wide={wide}
      more={more}
      foot={WHY[why]}
      onChoose={(chosen) => {
        const option = options.find((candidate) => key(candidate.value) === chosen);
        if (option) onChoose(option.value);
      }}
    />
  );
}
