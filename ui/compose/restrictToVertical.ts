import type { Modifier } from '@dnd-kit/core';

/** A running order only moves up and down. */
export const restrictToVertical: Modifier = ({ transform }) => ({ ...transform, x: 0 });
