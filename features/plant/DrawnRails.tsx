'use client';

import {
  closestCenter,
  DndContext,
  pointerWithin,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useDroppable,
  useSensor,
  useSensors,
  type Announcements,
  type CollisionDetection,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import { horizontalListSortingStrategy, SortableContext, sortableKeyboardCoordinates, useSortable } from '@dnd-kit/sortable';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import type { DrawnPanel } from '@/services/plant-view';
import panelsStyle from '@/ui/styles/panels.module.css';

export type DrawnPosition = DrawnPanel['positions'][number];
const railId = (rail: number) => `rail ${rail}`;

function PositionTile({ position, chosen, onChoose }: { position: DrawnPosition; chosen: boolean; onChoose: () => void }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: position.id });
  return (
    <ButtonBase
      ref={setNodeRef}
      className={panelsStyle.tile}
      style={{
        transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
        transition,
        opacity: isDragging ? 0.6 : 1,
        touchAction: 'manipulation',
      }}
      {...attributes}
      {...listeners}
      aria-pressed={chosen}
      aria-label={`${position.tag} ${position.function}, ${position.device}`}
      onClick={onChoose}
    >
      <span className={panelsStyle.tag}>{position.tag}</span>
      <span className={panelsStyle.fn}>{position.function}</span>
      <span className={panelsStyle.fn} style={{ fontSize: 10.5 }}>
        {position.device.replace('-', ' ')}
      </span>
      <span className={panelsStyle.rating}>{position.rating}</span>
    </ButtonBase>
  );
}

function Rail({ rail, children }: { rail: number; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: railId(rail) });
  return (
    <div
      ref={setNodeRef}
      role="group"
      aria-label={`Rail ${rail + 1}`}
      className={panelsStyle.rail}
      style={{ outline: isOver ? '2px dashed var(--copper)' : undefined }}
    >
      {children}
    </div>
  );
}

/** Where a drag ended: on which rail, and which one on it. */
function placeOf({ active, over }: DragEndEvent, rails: readonly (readonly DrawnPosition[])[]): { rail: number; slot: number } | undefined {
  if (!over || over.id === active.id) return undefined;
  const onRail = rails.findIndex((tiles, rail) => over.id === railId(rail) || tiles.some(({ id }) => id === over.id));
  const tiles = rails[onRail];
  if (!tiles) return undefined;
  const at = tiles.findIndex(({ id }) => id === over.id);
  return { rail: onRail, slot: at < 0 ? tiles.filter(({ id }) => id !== active.id).length : at };
}

/** By the pointer: the tile under it, else the rail; by keyboard: whatever is nearest. */
const underThePointer: CollisionDetection = (args) => {
  const within = pointerWithin(args);
  const tiles = within.filter(({ id }) => !String(id).startsWith('rail '));
  if (tiles.length > 0) return tiles;
  return within.length > 0 ? within : closestCenter(args);
};

/** What a screen reader hears of a move: tags and rails. */
function announced(rails: readonly (readonly DrawnPosition[])[]): Announcements {
  const nameOf = (id: UniqueIdentifier): string => {
    const rail = rails.findIndex((tiles, i) => id === railId(i) || tiles.some((tile) => tile.id === id));
    const tile = rails[rail]?.find((one) => one.id === id);
    return tile ? `${tile.tag} on rail ${rail + 1}` : `rail ${rail + 1}`;
  };
  return {
    onDragStart: ({ active }) => `${nameOf(active.id)} is taken up.`,
    onDragOver: ({ over }) => (over ? `Over ${nameOf(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => (over ? `${nameOf(active.id)} is put down at ${nameOf(over.id)}.` : 'It stays where it was.'),
    onDragCancel: () => 'It stays where it was.',
  };
}

/** The rails of a panel with what stands on them: a position is dragged, or moved by keyboard (space, arrows, space). */
export function DrawnRails({
  rails,
  chosen,
  onChoose,
  onMove,
}: {
  rails: readonly (readonly DrawnPosition[])[];
  chosen?: string;
  onChoose: (id: string) => void;
  onMove: (position: DrawnPosition, to: { rail: number; slot: number }) => void;
}) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    // A finger that moves at once scrolls; one that rests takes the position up.
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      // Enter chooses a position; the space bar takes it up and puts it down.
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space'] },
    }),
  );
  const end = (event: DragEndEvent) => {
    const to = placeOf(event, rails);
    const position = rails.flat().find(({ id }) => id === event.active.id);
    if (to && position) onMove(position, to);
  };
  return (
    <DndContext
      id="rails"
      sensors={sensors}
      collisionDetection={underThePointer}
      onDragEnd={end}
      accessibility={{
        announcements: announced(rails),
        screenReaderInstructions: {
          draggable: 'Press space to take this position up, arrows to move it, space to put it down, escape to leave it.',
        },
      }}
    >
      <div className={panelsStyle.cabinet}>
        <div>
          {rails.map((tiles, rail) => (
            <SortableContext key={rail} id={railId(rail)} items={tiles.map(({ id }) => id)} strategy={horizontalListSortingStrategy}>
              <div className={panelsStyle.duct} aria-hidden="true" />
              <Rail rail={rail}>
                {tiles.map((position) => (
                  <PositionTile
                    key={position.id}
                    position={position}
                    chosen={position.id === chosen}
                    onChoose={() => onChoose(position.id)}
                  />
                ))}
              </Rail>
            </SortableContext>
          ))}
          <div className={panelsStyle.duct} aria-hidden="true" />
        </div>
      </div>
    </DndContext>
  );
}
