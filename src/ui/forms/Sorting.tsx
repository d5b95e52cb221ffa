/** A list whose rows are put into another order by drag, or by keyboard: Space takes up, arrows move, Space lays down. */
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  type SortingStrategy,
} from '@dnd-kit/sortable';
import { useId, type CSSProperties, type ReactNode } from 'react';
import styles from './Sorting.module.css';
import * as formsText from '@/text/screens/forms';

type Id = string | number;

interface Sorted {
  readonly id: Id;
  /** As it is spoken: "Task 3", "The board". */
  readonly name: string;
}

/** Wraps the list; `onMove` gets the places before and after, from 0. */
export function Sorting(props: {
  readonly rows: readonly Sorted[];
  /** "stage", "task". */
  readonly noun: keyof typeof formsText.SORTED_WORDS;
  readonly strategy: SortingStrategy;
  readonly onMove: (from: number, to: number) => void;
  readonly children: ReactNode;
}) {
  const { rows } = props;
  const noun = formsText.SORTED_WORDS[props.noun];
  const id = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const at = (row: unknown) => rows.findIndex((one) => one.id === row);
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{
        announcements: announce(rows, noun),
        screenReaderInstructions: {
          draggable: formsText.sortingHelp(noun),
        },
      }}
      onDragEnd={({ active, over }) => {
        if (over !== null) props.onMove(at(active.id), at(over.id));
      }}
    >
      <SortableContext items={rows.map((row) => row.id)} strategy={props.strategy}>
        {props.children}
      </SortableContext>
    </DndContext>
  );
}

/** What is said while a row is moved by keyboard. */
function announce(rows: readonly Sorted[], noun: string): Announcements {
  const nameOf = (id: unknown) => rows.find((row) => row.id === id)?.name ?? formsText.theNoun(noun);
  const placeOf = (id: unknown) => rows.findIndex((row) => row.id === id) + 1;
  return {
    onDragStart: ({ active }) => formsText.pickedUp(nameOf(active.id)),
    onDragOver: ({ active, over }) =>
      over === null ? undefined : formsText.overPosition(nameOf(active.id), placeOf(over.id)),
    onDragEnd: ({ active, over }) =>
      over === null
        ? formsText.stays(nameOf(active.id))
        : formsText.droppedAt(nameOf(active.id), placeOf(over.id)),
    onDragCancel: ({ active }) => formsText.staysWhereItWas(nameOf(active.id)),
  };
}

/** One row of such a list: what goes onto its element, and the grip it is taken by. */
export function useSortedRow({ id, name }: Sorted): {
  readonly ref: (element: HTMLElement | null) => void;
  readonly style: CSSProperties | undefined;
  readonly grip: ReactNode;
} {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  return {
    ref: setNodeRef,
    style:
      transform === null
        ? undefined
        : { transform: `translate(${transform.x}px, ${transform.y}px)`, transition },
    grip: (
      <button
        type="button"
        className={styles.grip}
        aria-label={formsText.moveNamed(name)}
        {...attributes}
        {...listeners}
      >
        <span aria-hidden>⠿</span>
      </button>
    ),
  };
}
