import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import type { BriefWhy } from '@/core/brief';

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
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="word" data-why={why}>
        <span className="sr-only">{name}: </span>
        {shown}
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        className={`slip py-1 font-sans text-[1rem] leading-snug ${wide ? 'w-[min(48rem,calc(100vw-2rem))]' : 'min-w-52'}`}
        sideOffset={6}
        collisionPadding={12}
        aria-label={name}
      >
        <DropdownMenu.RadioGroup
          className={wide ? 'sm:columns-3 sm:gap-0' : ''}
          value={key(value)}
          onValueChange={(chosen) => {
            const option = options.find((candidate) => key(candidate.value) === chosen);
            if (option) onChoose(option.value);
          }}
        >
          {options.map((option, index) => (
            <div
              key={key(option.value)}
              role="presentation"
              // Each further heading begins a column.
              className={wide && option.head && index > 0 ? 'sm:break-before-column' : ''}
            >
              {option.head && (
                <DropdownMenu.Label className="caption px-3 pt-2">{option.head}</DropdownMenu.Label>
              )}
              <DropdownMenu.RadioItem
                value={key(option.value)}
                className="slip-line data-[state=checked]:font-bold"
              >
                {option.label}
                {option.note && <span className="quiet small ml-auto">{option.note}</span>}
              </DropdownMenu.RadioItem>
            </div>
          ))}
        </DropdownMenu.RadioGroup>
        {more && (
          <DropdownMenu.Item className="slip-line border-t border-hairline" onSelect={more.onChoose}>
            {more.label}
          </DropdownMenu.Item>
        )}
        <DropdownMenu.Label className="quiet small border-t border-hairline px-3 pt-1.5 pb-1">
          {WHY[why]}
        </DropdownMenu.Label>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
