'use client';
import { arrayMove } from '@dnd-kit/sortable';
import { Button, NativeSelect, Switch } from '@mantine/core';
import Link from 'next/link';
import { useState, useTransition } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { TaskId } from '@/contracts/ids';
import type { SetExercise, SetItem, SetPuzzle } from '@/contracts/sets';
import { HABITS, openExercise, type Habit } from '@/core/exercises';
import { getPosition, parseFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import type { Result } from '@/core/shared';
import {
  answerText,
  blocklessText,
  FAMILY_WORDS,
  faultText,
  gradeText,
  listWords,
  mateLabel,
  questionText,
} from '@/text';
import { DiagramPicture, savePicture, type PictureFormat } from '@/ui/board';
import styles from '../../../../_parts/pages.module.css';

const MORE = [
  { value: '', label: 'More ...' },
  { group: 'Give also as', items: HABITS.map((value) => ({ value, label: FAMILY_WORDS[value] })) },
  {
    group: 'Save the picture as',
    items: [
      { value: 'svg', label: 'SVG' },
      { value: 'png', label: 'PNG' },
    ],
  },
];

/** The set's diagrams in order. Solutions are closed until asked for: children may be looking on. */
export function TaskCards(props: {
  readonly setId: number;
  readonly items: readonly SetItem[];
  readonly onRemove: (input: { setId: number; taskId: number }) => Promise<Result<undefined, ServiceFault>>;
  readonly onOrder: (input: {
    setId: number;
    taskIds: readonly number[];
  }) => Promise<Result<undefined, ServiceFault>>;
  /** Puts a puzzle in once more, answered before a man moves. */
  readonly onHabit: (input: {
    setId: number;
    taskId: number;
    habit: Habit;
  }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { setId, items, onRemove, onHabit, onOrder } = props;
  const [isOpen, setIsOpen] = useState(false);
  const [error, setError] = useState('');
  const [isBusy, startTransition] = useTransition();

  function change(work: () => Promise<Result<undefined, ServiceFault>>) {
    startTransition(async () => {
      try {
        const result = await work();
        setError(result.ok ? '' : faultText(result.error));
      } catch {
        // A server action rejects when the network or the server is away.
        setError('The server did not answer. Nothing was changed; try again.');
      }
    });
  }
  const order = (next: readonly SetItem[]) =>
    change(() => onOrder({ setId, taskIds: next.map(({ taskId }) => taskId) }));
  const remove = (taskId: TaskId) => change(() => onRemove({ setId, taskId }));
  const addAs = (taskId: TaskId, habit: Habit) => change(() => onHabit({ setId, taskId, habit }));
  function move(from: number, to: number) {
    if (to >= 0 && to < items.length && from !== to) order(arrayMove([...items], from, to));
  }

  function save(fen: string, number: number, format: PictureFormat) {
    const { board, turn } = getPosition(fen);
    savePicture({ board, turn, bottom: turn }, `diagram-${number}`, format).catch(() =>
      setError('The browser could not draw the picture.'),
    );
  }

  return (
    <section>
      <div className={styles.row} style={{ minHeight: '2.75rem' }}>
        <Switch
          size="md"
          label="Show solutions"
          checked={isOpen}
          onChange={(event) => setIsOpen(event.currentTarget.checked)}
        />
        {items.some(({ family }) => family === 'mate') && (
          <Button
            variant="default"
            mih={44}
            disabled={isBusy}
            onClick={() => order(items.toSorted(byDifficulty))}
          >
            From easy to hard
          </Button>
        )}
        <span role="alert">{error}</span>
      </div>
      <ol className={styles.cards} style={{ marginTop: '0.75rem' }}>
        {items.map((item, index) => (
          <li key={item.taskId} className={styles.card}>
            {item.family === 'mate' ? (
              <PuzzlePicture puzzle={item} number={index + 1} isOpen={isOpen} />
            ) : (
              <ExercisePicture exercise={item} number={index + 1} isOpen={isOpen} />
            )}
            <div className={styles.row}>
              {item.family === 'mate' && (
                <>
                  <Link href={`/desk?fen=${encodeURIComponent(item.fen)}`}>Open on the Desk</Link>
                  <NativeSelect
                    aria-label={`More with task ${index + 1}`}
                    disabled={isBusy}
                    value=""
                    data={MORE}
                    onChange={({ currentTarget: { value } }) => {
                      const habit = HABITS.find((one) => one === value);
                      if (habit !== undefined) addAs(item.taskId, habit);
                      else if (value === 'svg' || value === 'png') save(item.fen, index + 1, value);
                    }}
                  />
                </>
              )}
              <Button
                variant="default"
                px="xs"
                mih={44}
                disabled={isBusy || index === 0}
                aria-label={`Task ${index + 1}: earlier`}
                onClick={() => move(index, index - 1)}
              >
                Earlier
              </Button>
              <Button
                variant="default"
                px="xs"
                mih={44}
                disabled={isBusy || index === items.length - 1}
                aria-label={`Task ${index + 1}: later`}
                onClick={() => move(index, index + 1)}
              >
                Later
              </Button>
              <Button
                variant="subtle"
                color="clay"
                px="xs"
                disabled={isBusy}
                aria-label={`Take task ${index + 1} out`}
                onClick={() => remove(item.taskId)}
              >
                Take out
              </Button>
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Mates by their number; exercises have none and go before them, in their order. */
function byDifficulty(one: SetItem, other: SetItem): number {
  const numberOf = (item: SetItem) => (item.family === 'mate' ? (item.grade?.number ?? 0) : -1);
  return numberOf(one) - numberOf(other);
}

interface PictureProps {
  readonly number: number;
  readonly isOpen: boolean;
}

function PuzzlePicture({ puzzle, number, isOpen }: PictureProps & { readonly puzzle: SetPuzzle }) {
  const draft = parseFen(puzzle.fen);
  const { board, turn } = draft.ok ? draft.value : EMPTY_DRAFT;
  const label = mateLabel(turn, puzzle.mateInMoves);
  return (
    <>
      <h2>
        {number}. {label}
      </h2>
      <DiagramPicture diagram={{ board, turn, bottom: turn }} title={`Puzzle ${number}. ${label}.`} />
      {puzzle.mateNoBlocks !== undefined && (
        <p className={styles.soft} style={{ margin: '0.4rem 0' }}>
          {blocklessText(puzzle.mateNoBlocks)}
        </p>
      )}
      {isOpen && (
        <p style={{ margin: '0.4rem 0' }}>
          {puzzle.keys.length === 1 ? 'Key' : `${puzzle.keys.length} keys`}: {listWords(puzzle.keys)}
          <br />
          <span className={styles.soft}>{puzzle.mainLine}</span>
        </p>
      )}
      {puzzle.grade !== undefined && (
        <p className={styles.soft} style={{ margin: '0.4rem 0' }}>
          {gradeText(puzzle.grade)}
        </p>
      )}
    </>
  );
}

function ExercisePicture({ exercise, number, isOpen }: PictureProps & { readonly exercise: SetExercise }) {
  const { family, level } = exercise;
  const { question, scene, solution } = openExercise(exercise);
  const marks = scene.asked.map((square) => ({ square, mark: 'hint' as const }));
  return (
    <>
      <h2>
        {number}. {FAMILY_WORDS[family]}
      </h2>
      {!scene.isHidden && (
        <DiagramPicture diagram={{ ...scene, marks }} title={`Task ${number}. ${questionText(question)}`} />
      )}
      <p style={{ margin: '0.4rem 0' }}>
        {questionText(question)} <span className={styles.soft}>Level {level}.</span>
      </p>
      {isOpen && <p style={{ margin: '0.4rem 0' }}>Answer: {answerText(family, solution)}</p>}
    </>
  );
}
