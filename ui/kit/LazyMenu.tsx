'use client';

import { useState, type ComponentType, type KeyboardEvent, type PointerEvent } from 'react';
import type { MenuProps } from './Menu';

type MenuKind = ComponentType<MenuProps & { readonly byKey: boolean }>;

let loading: Promise<MenuKind> | undefined;
/** The menu's own code, fetched once: when a trigger is first come near. */
const load = (): Promise<MenuKind> => (loading ??= import('./Menu').then(({ Menu }) => Menu));
const comeNear = (): void => void load().catch(() => (loading = undefined));

/**
 * A press that opens a menu. Until it is first pressed it is a plain button: a sentence of a dozen menus costs nothing
 * before one of them is wanted.
 */
export function LazyMenu(props: MenuProps) {
  const [opened, setOpened] = useState<{ readonly Kind: MenuKind; readonly byKey: boolean } | undefined>();
  const open = (byKey: boolean): void => {
    load()
      .then((Kind) => setOpened({ Kind, byKey }))
      .catch(() => (loading = undefined));
  };
  if (opened) return <opened.Kind {...props} byKey={opened.byKey} />;
  return (
    <button
      type="button"
      className={props.className}
      data-why={props.why}
      aria-haspopup="menu"
      aria-expanded={false}
      onPointerEnter={comeNear}
      onFocus={comeNear}
      onPointerDown={(event: PointerEvent) => {
        if (event.button === 0 && !event.ctrlKey && event.pointerType === 'mouse') open(false);
      }}
      // A finger may be scrolling: it opens where it is lifted; so does a reader’s press.
      onClick={() => open(false)}
      onKeyDown={(event: KeyboardEvent) => {
        if (!['Enter', ' ', 'ArrowDown'].includes(event.key)) return;
        event.preventDefault();
        open(true);
      }}
    >
      {props.shown}
    </button>
  );
}
