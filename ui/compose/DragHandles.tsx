'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import { memo, useEffect, useLayoutEffect, useMemo, useState } from 'react';
import { createPortal } from 'react-dom';
import { nameOf } from '@/core/forms';
import type { Role } from '@/core/forms/model/roles';
import { formOf, type Edit, type Practice, type Timeline } from '@/core/practice';
import { restrictToVertical } from './restrictToVertical';

/** Where the handle of a row stands, and the row it moves. */
const dragSlotId = (itemId: string): string => `drag-slot-${itemId}`;
const dragRowId = (itemId: string): string => `drag-row-${itemId}`;

interface Placed {
  readonly id: string;
  readonly name: string;
  /** The part of the practice it stands in: in another one its row is another. */
  readonly role: Role;
}

interface Props {
  readonly order: readonly Placed[];
  readonly onEdit: (edit: Edit, said: string) => void;
}

const MODIFIERS = [restrictToVertical];

/** The handle of one row; it moves the row it stands in. */
function Handle({ id, name }: { id: string; name: string }) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id });
  const moved = CSS.Transform.toString(transform);
  useEffect(() => {
    setNodeRef(document.getElementById(dragRowId(id)));
    return () => setNodeRef(null);
  }, [id, setNodeRef]);
  useLayoutEffect(() => {
    const row = document.getElementById(dragRowId(id));
    if (!row) return undefined;
    row.style.transform = moved ?? '';
    row.style.transition = transition ?? '';
    row.toggleAttribute('data-dragging', isDragging);
    return () => {
      row.style.transform = '';
      row.removeAttribute('data-dragging');
    };
  }, [id, isDragging, moved, transition]);
  return (
    <button
      type="button"
      ref={setActivatorNodeRef}
      className="press-square cursor-grab text-faded"
      {...attributes}
      tabIndex={-1}
      aria-label={`Move ${name}`}
      {...listeners}
    >
      <GripVertical size={15} aria-hidden />
    </button>
  );
}

/** What is said while a form is moved: its name and its place, never an id. */
function announcementsFor(order: Props['order']): Announcements {
  const named = (id: UniqueIdentifier): string => order.find((item) => item.id === id)?.name ?? 'The form';
  const placeOf = (id: UniqueIdentifier): string =>
    `place ${order.findIndex((item) => item.id === id) + 1} of ${order.length}`;
  return {
    onDragStart: ({ active }) => `${named(active.id)} is taken up, at ${placeOf(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${named(active.id)} is over ${placeOf(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) =>
      over ? `${named(active.id)} is put down at ${placeOf(over.id)}.` : `${named(active.id)} is put back.`,
    onDragCancel: ({ active }) => `${named(active.id)} is back where it was, at ${placeOf(active.id)}.`,
  };
}

/** The same rows in the same order: a dose that is changed moves no handle. */
function sameOrder(before: Props, now: Props): boolean {
  return (
    before.onEdit === now.onEdit &&
    before.order.length === now.order.length &&
    before.order.every((placed, at) => {
      const { id, name, role } = now.order[at] ?? {};
      return placed.id === id && placed.name === name && placed.role === role;
    })
  );
}

const Handles = memo(function Handles({ order, onEdit }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = useMemo(() => order.map(({ id }) => id), [order]);
  const [slots, setSlots] = useState<ReadonlyMap<string, HTMLElement>>(new Map());
  useEffect(() => {
    // The rows of a new order are there once it is drawn.
    const frame = requestAnimationFrame(() =>
      setSlots(
        new Map(
          ids.flatMap((id) => {
            const slot = document.getElementById(dragSlotId(id));
            return slot ? [[id, slot] as const] : [];
          }),
        ),
      ),
    );
    return () => cancelAnimationFrame(frame);
  }, [ids]);
  const dropped = ({ active, over }: DragEndEvent): void => {
    const to = ids.findIndex((id) => id === over?.id);
    if (to >= 0 && over?.id !== active.id)
      onEdit({ kind: 'move', itemId: String(active.id), toIndex: to }, 'Moved');
  };
  return (
    <DndContext
      id="running-order-drag"
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={MODIFIERS}
      onDragEnd={dropped}
      accessibility={{
        announcements: announcementsFor(order),
        screenReaderInstructions: {
          draggable:
            'Press Space to take the form up, the arrows to move it, Space to put it down, Escape to leave it.',
        },
      }}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {order.map(({ id, name }) => {
          const slot = slots.get(id);
          return slot?.isConnected ? createPortal(<Handle id={id} name={name} />, slot, id) : null;
        })}
      </SortableContext>
    </DndContext>
  );
}, sameOrder);

/**
 * The handles of the running order, fetched once the page stands and put into the places its rows keep for them: the
 * order can be read, and changed by keys, before.
 */
export function DragHandles({
  practice,
  timeline,
  onEdit,
}: {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly onEdit: Props['onEdit'];
}) {
  const order = practice.items.flatMap((item, at): Placed[] => {
    const span = timeline.items[at];
    return span ? [{ id: item.id, name: nameOf(formOf(practice, item), item.variant), role: span.role }] : [];
  });
  return <Handles order={order} onEdit={onEdit} />;
}
