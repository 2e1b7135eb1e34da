import type { Told } from '@/core/desk';

/** What the composing desk tells in passing. */
export function toldText(told: Told): string {
  switch (told.code) {
    case 'edited':
      return told.text;
    case 'gone':
      return 'That is not in the practice any more; nothing was changed.';
    case 'redrafted':
      return 'Redrafted; undo brings back what was there.';
    case 'another':
      return 'Another draft; undo brings back the one before.';
    case 'undone':
      return 'Undone';
    case 'undone-to-version':
      return `Undone: as it was in version ${told.version}. Versions has the later ones.`;
    case 'version-unread':
      return 'The version before this one could not be read; try again.';
    case 'done-again':
      return 'Done again';
    case 'restored':
      return 'An earlier version is back; undo returns to the later one.';
    case 'brought-back':
      return 'Brought back what had not been saved yet.';
    default:
      return told satisfies never;
  }
}
