'use client';

import { DropdownMenu } from 'radix-ui';
import { useEffect, useRef, type ReactNode } from 'react';

/** One line of a menu. */
export interface MenuLine {
  readonly key: string;
  readonly label: ReactNode;
  readonly note?: string | undefined;
  /** A heading over it. */
  readonly head?: string | undefined;
  readonly disabled?: boolean;
}

export interface MenuProps {
  readonly className: string;
  readonly shown: ReactNode;
  readonly why?: string;
  /** How its contents are called. */
  readonly label?: string;
  readonly lines: readonly MenuLine[];
  /** The line that holds now, where the lines are one choice. */
  readonly value?: string;
  /** In three columns, for a long choice. */
  readonly wide?: boolean;
  /** A line that leads to a larger choice. */
  readonly more?: { readonly label: string; readonly onChoose: () => void } | undefined;
  /** A quiet line at the end. */
  readonly foot?: string;
  readonly onChoose: (key: string) => void;
}

const LINE = 'slip-line';

function Lines({ lines, value, wide = false, onChoose }: MenuProps) {
  const note = (text: string | undefined) => text && <span className="quiet small ml-auto">{text}</span>;
  if (value === undefined)
    return lines.map(({ key, label, note: beside, disabled = false }) => (
      <DropdownMenu.Item key={key} className={LINE} disabled={disabled} onSelect={() => onChoose(key)}>
        {label}
        {note(beside)}
      </DropdownMenu.Item>
    ));
  return (
    <DropdownMenu.RadioGroup
      className={wide ? 'sm:columns-3 sm:gap-0' : ''}
      value={value}
      onValueChange={onChoose}
    >
      {lines.map(({ key, label, note: beside, head }, index) => (
        <div
          key={key}
          role="presentation"
          // Each further heading begins a column.
          className={wide && head && index > 0 ? 'sm:break-before-column' : ''}
        >
          {head && <DropdownMenu.Label className="caption px-3 pt-2">{head}</DropdownMenu.Label>}
          <DropdownMenu.RadioItem value={key} className={`${LINE} data-[state=checked]:font-bold`}>
            {label}
            {note(beside)}
          </DropdownMenu.RadioItem>
        </div>
      ))}
    </DropdownMenu.RadioGroup>
  );
}

/** A menu that opens as it comes; `byKey` where a key opened it, which then stands on its first line. */
export function Menu(props: MenuProps & { readonly byKey: boolean }) {
  const { className, shown, why, label, wide = false, more, foot, byKey } = props;
  const content = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!byKey) return undefined;
    const frame = requestAnimationFrame(() => {
      const first = content.current?.querySelector<HTMLElement>(
        '[aria-checked="true"], [role^="menuitem"]:not([data-disabled])',
      );
      first?.focus();
    });
    return () => cancelAnimationFrame(frame);
  }, [byKey]);
  return (
    <DropdownMenu.Root modal={false} defaultOpen>
      <DropdownMenu.Trigger className={className} data-why={why}>
        {shown}
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        ref={content}
        className={`slip py-1 font-sans text-[1rem] leading-snug ${wide ? 'w-[min(48rem,calc(100vw-2rem))]' : 'min-w-52'}`}
        sideOffset={6}
        collisionPadding={12}
        {...(label === undefined ? {} : { 'aria-label': label })}
      >
        <Lines {...props} />
        {more && (
          <DropdownMenu.Item className={`${LINE} border-t border-hairline`} onSelect={more.onChoose}>
            {more.label}
          </DropdownMenu.Item>
        )}
        {foot && (
          <DropdownMenu.Label className="quiet small border-t border-hairline px-3 pt-1.5 pb-1">
            {foot}
          </DropdownMenu.Label>
        )}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
