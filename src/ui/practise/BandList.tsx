'use client';

import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Copy, GripVertical, Trash2 } from 'lucide-react';
import { useId } from 'react';
import type { Recipe } from '@/core/document/recipe';
import type { Band } from '@/core/practice/band';
import type { BandRemark } from '@/core/practice/compose';
import { duplicateBand, moveBand, removeBand } from '@/core/practice/edit';
import type { Ground } from '@/core/practice/ground';
import { BandForm } from './BandForm';
import { howOf, whatOf } from './bandWords';

/** Minimum movement of the pointer, in CSS pixels, for a drag: a click on the handle stays a click. */
const DRAG_DISTANCE = 4;

interface ListProps {
  readonly bands: readonly Band[];
  readonly ground: Ground;
  readonly edit: (change: (recipe: Recipe) => Recipe) => void;
  readonly remarks: readonly BandRemark[];
  readonly selected: string | null;
  readonly onSelect: (id: string | null) => void;
}

/** The page's bands in order; drag them, or take one up with Space and move it by the arrow keys. */
export function BandList(props: ListProps) {
  const { bands, edit } = props;
  const id = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_DISTANCE } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) edit((r) => moveBand(r, String(active.id), String(over.id)));
  };
  const nameOf = (band: string | number | undefined) => {
    const found = bands.find((one) => one.id === band);
    return found ? whatOf(found) : 'the band';
  };
  const placeOf = (band: string | number | undefined) => bands.findIndex((one) => one.id === band) + 1;
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={onDragEnd}
      accessibility={{
        screenReaderInstructions: {
          draggable: 'Press Space to pick up the band, the arrow keys to move it, and Space to put it down.',
        },
        announcements: {
          onDragStart: ({ active }) => `Picked up ${nameOf(active.id)}.`,
          onDragOver: ({ active, over }) =>
            over ? `${nameOf(active.id)} goes to place ${placeOf(over.id)} of ${bands.length}.` : undefined,
          onDragEnd: ({ active, over }) =>
            over ? `${nameOf(active.id)} put down at place ${placeOf(over.id)}.` : undefined,
          onDragCancel: ({ active }) => `${nameOf(active.id)} is back in its place.`,
        },
      }}
    >
      <SortableContext items={bands.map((band) => band.id)} strategy={verticalListSortingStrategy}>
        <ol aria-label="Bands of the page" className="space-y-1">
          {bands.map((band) => (
            <BandItem key={band.id} {...props} band={band} />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function BandItem({ band, ground, edit, remarks, selected, onSelect }: ListProps & { band: Band }) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: band.id });
  const open = selected === band.id;
  const what = whatOf(band);
  const own = remarks.filter((remark) => remark.band === band.id);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`rounded border ${open ? 'border-primary' : 'border-base-300'} ${
        isDragging ? 'relative z-10 bg-base-200 shadow-lg' : 'bg-base-100'
      }`}
    >
      <div className="flex items-center">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          className="cursor-grab touch-none rounded px-1 py-2 opacity-70 hover:opacity-100"
          aria-label={`Move ${what}`}
        >
          <GripVertical size={15} aria-hidden />
        </button>
        <button
          type="button"
          className="min-w-0 flex-1 py-1 text-left leading-tight"
          aria-expanded={open}
          onClick={() => onSelect(open ? null : band.id)}
        >
          <span className="block truncate font-bold">{what}</span>
          <span className="block truncate text-sm opacity-80">{howOf(band)}</span>
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs px-1"
          aria-label={`Duplicate ${what}`}
          title="Duplicate"
          onClick={() => edit((r) => duplicateBand(r, band.id))}
        >
          <Copy size={14} aria-hidden />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs px-1"
          aria-label={`Remove ${what}`}
          title="Remove"
          onClick={() => edit((r) => removeBand(r, band.id))}
        >
          <Trash2 size={14} aria-hidden />
        </button>
      </div>
      {own.map(({ text }) => (
        <p key={text} className="remark remark-caution mx-2 mb-1 text-sm">
          {text}
        </p>
      ))}
      {open && <BandForm band={band} ground={ground} edit={edit} />}
    </li>
  );
}
