'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { restrictToVertical } from './restrictToVertical';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical, Minus, Plus, X } from 'lucide-react';
import type { KeyboardEvent } from 'react';
import { breathSec } from '@/core/breath';
import { formOf, type Edit, type Item, type ItemSpan, type Practice, type Timeline } from '@/core/practice';
import { openCautions, type ConditionId } from '@/core/people';
import { themePhase } from '@/core/brief';
import { Thumbnail } from '@/ui/figure/Thumbnail';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selectedId: string | undefined;
  /** What to be careful of in the group this is for. */
  readonly conditions: readonly ConditionId[];
  readonly onSelect: (itemId: string) => void;
  readonly onEdit: (edit: Edit, said: string) => void;
}

/** A number with a press to either side. */
function Stepper({
  what,
  value,
  onStep,
  canLess,
}: {
  what: string;
  value: string;
  onStep: (by: 1 | -1) => void;
  canLess: boolean;
}) {
  return (
    <span className="inline-flex items-center whitespace-nowrap">
      <button
        type="button"
        className="press-square"
        aria-label={`Fewer: ${what}`}
        disabled={!canLess}
        onClick={() => onStep(-1)}
      >
        <Minus size={13} aria-hidden />
      </button>
      <span className="figures min-w-13 text-center">{value}</span>
      <button type="button" className="press-square" aria-label={`More: ${what}`} onClick={() => onStep(1)}>
        <Plus size={13} aria-hidden />
      </button>
    </span>
  );
}

function repetitionText(practice: Practice, item: Item): string {
  const { sides } = formOf(practice, item);
  const each = sides === 'symmetric' ? '' : sides === 'both-ways' ? ' each way' : ' each side';
  return `${item.repetitions}×${each}`;
}

function Row({
  practice,
  conditions,
  item,
  span,
  index,
  selected,
  onSelect,
  onEdit,
}: Omit<Props, 'timeline' | 'selectedId'> & {
  item: Item;
  span: ItemSpan | undefined;
  index: number;
  selected: boolean;
}) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: item.id });
  const form = formOf(practice, item);
  const standing = openCautions(form, item, conditions).filter((caution) => caution.weight !== 'watch');
  const wholeSec =
    breathSec(form.pace, { breathsPerMin: practice.brief.breathsPerMin, outToIn: practice.customs.outToIn }) *
    item.stretch;
  const breathed = form.cycle.some((stroke) => stroke.breath === 'in' || stroke.breath === 'out');
  const keys = (event: KeyboardEvent): void => {
    const act = (edit: Edit, said: string): void => {
      event.preventDefault();
      onEdit(edit, said);
    };
    if (event.altKey && event.key === 'ArrowUp')
      act({ kind: 'move', itemId: item.id, toIndex: index - 1 }, `${form.name} moved up`);
    else if (event.altKey && event.key === 'ArrowDown')
      act({ kind: 'move', itemId: item.id, toIndex: index + 1 }, `${form.name} moved down`);
    else if (event.key === 'Delete') act({ kind: 'remove', itemId: item.id }, `${form.name} removed`);
    else if (event.key === '+' || event.key === '=')
      act({ kind: 'repetitions', itemId: item.id, steps: 1 }, `${form.name}: one more`);
    else if (event.key === '-')
      act({ kind: 'repetitions', itemId: item.id, steps: -1 }, `${form.name}: one fewer`);
  };
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={`grid grid-cols-[1.75rem_minmax(0,1fr)_auto] items-center gap-x-2 border-b border-hairline py-1 sm:grid-cols-[1.75rem_minmax(0,1fr)_11.5rem_8.5rem_3.2rem_1.75rem] ${selected ? 'bg-leaf' : ''} ${isDragging ? 'relative z-10 bg-leaf outline-2 outline-ink' : ''}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        className="press-square cursor-grab text-faded"
        aria-label={`Move ${form.name}`}
        {...attributes}
        {...listeners}
      >
        <GripVertical size={15} aria-hidden />
      </button>
      <button
        type="button"
        className="min-w-0 py-1 text-left"
        aria-pressed={selected}
        onClick={() => onSelect(item.id)}
        onKeyDown={keys}
      >
        <span className="float-left mr-2">
          <Thumbnail
            form={form}
            variant={item.variant}
            height={48}
            sash={PHASE_VAR[themePhase(practice.brief.theme)]}
          />
        </span>
        <span className={`font-serif text-[1.1rem] ${selected ? 'font-bold' : ''}`}>{form.name}</span>{' '}
        {form.hanzi && (
          <span lang="zh" className="hanzi">
            {form.hanzi}
          </span>
        )}
        {item.variant !== 'full' && <span className="quiet small"> {item.variant}</span>}
        {item.hinge && <span className="quiet small"> hinge</span>}
        {standing.map((caution) => (
          <span
            key={`${caution.condition}-${caution.say}`}
            className={`small block ${caution.weight === 'avoid' ? 'must' : 'should'}`}
          >
            {caution.weight === 'avoid' ? 'Avoid' : 'Change'}, {caution.conditionLabel}: {caution.say}
          </span>
        ))}
      </button>
      <span className="figures text-right sm:hidden">{clockText(span?.lengthMs ?? 0)}</span>
      <span className="col-start-2 sm:col-start-auto">
        <Stepper
          what={`repetitions of ${form.name}`}
          value={repetitionText(practice, item)}
          canLess={item.repetitions > 1}
          onStep={(steps) =>
            onEdit({ kind: 'repetitions', itemId: item.id, steps }, `${form.name}: repetitions changed`)
          }
        />
      </span>
      <span className="col-start-2 sm:col-start-auto">
        <Stepper
          what={breathed ? `breath length of ${form.name}` : `length of each round of ${form.name}`}
          value={breathed ? `${wholeSec.toFixed(1)} s` : `${Math.round(item.stretch * 100)} %`}
          canLess={item.stretch > 0.5}
          onStep={(steps) =>
            onEdit({ kind: 'breath-length', itemId: item.id, steps }, `${form.name}: breath length changed`)
          }
        />
      </span>
      <span className="figures hidden text-right sm:block">{clockText(span?.lengthMs ?? 0)}</span>
      <button
        type="button"
        className="press-square"
        aria-label={`Remove ${form.name}`}
        onClick={() => onEdit({ kind: 'remove', itemId: item.id }, `${form.name} removed`)}
      >
        <X size={14} aria-hidden />
      </button>
    </li>
  );
}

/** The running order beside the score: drag or keys to move, presses to change, everything undone by undo. */
export function RunningOrder({ practice, timeline, selectedId, conditions, onSelect, onEdit }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropped = (event: DragEndEvent): void => {
    const to = practice.items.findIndex((item) => item.id === event.over?.id);
    if (to >= 0 && event.over?.id !== event.active.id)
      onEdit({ kind: 'move', itemId: String(event.active.id), toIndex: to }, 'Moved');
  };
  return (
    <section aria-labelledby="running-order">
      <div className="flex items-baseline justify-between border-b border-ink pb-1">
        <h2 id="running-order">Running order</h2>
        <span className="quiet small hidden sm:grid sm:grid-cols-[11.5rem_8.5rem_3.2rem_1.75rem] sm:gap-x-2">
          <span className="pl-7">repetitions</span>
          <span className="pl-7">breath</span>
          <span className="text-right">min</span>
        </span>
      </div>
      <DndContext
        id="running-order-drag"
        sensors={sensors}
        collisionDetection={closestCenter}
        modifiers={[restrictToVertical]}
        onDragEnd={dropped}
      >
        <SortableContext items={practice.items.map((item) => item.id)} strategy={verticalListSortingStrategy}>
          {timeline.sections.map((section) => (
            <div key={`${section.role}-${section.itemIndexes[0]}`}>
              <h3 className="caption flex justify-between pt-2">
                <span>{ROLE_NAMES[section.role]}</span>
                <span className="figures">{clockText(section.lengthMs)}</span>
              </h3>
              <ul aria-label={ROLE_NAMES[section.role]}>
                {section.itemIndexes.map((index) => {
                  const item = practice.items[index];
                  return (
                    item && (
                      <Row
                        key={item.id}
                        practice={practice}
                        conditions={conditions}
                        item={item}
                        span={timeline.items[index]}
                        index={index}
                        selected={item.id === selectedId}
                        onSelect={onSelect}
                        onEdit={onEdit}
                      />
                    )
                  );
                })}
              </ul>
            </div>
          ))}
        </SortableContext>
      </DndContext>
      <p className="quiet small mt-2">
        Keys on a form: <kbd>Alt</kbd> <kbd>↑</kbd> <kbd>↓</kbd> move, <kbd>+</kbd> <kbd>−</kbd> repetitions,{' '}
        <kbd>Delete</kbd> remove; <kbd>Ctrl Z</kbd> undoes.
      </p>
    </section>
  );
}
