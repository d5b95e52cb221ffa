'use client';
import { arrayMove, rectSortingStrategy } from '@dnd-kit/sortable';
import { Button, NativeSelect, Switch } from '@mantine/core';
import Link from 'next/link';
import { useState, type ReactNode } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { TaskId } from '@/contracts/ids';
import type { ReplacePuzzle, SetExercise, SetItem, SetPuzzle } from '@/contracts/sets';
import { HABITS, openExercise, type Habit } from '@/core/exercises';
import { getPosition, parseFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import type { Result } from '@/core/shared';
import {
  answerText,
  blocklessText,
  familyName,
  familyWords,
  type Terms,
  gradeText,
  listWords,
  mateLabel,
  questionText,
} from '@/text';
import { Sorting, useSortedRow } from '@/ui/forms/Sorting';
import { useSending } from '@/ui/forms/useSending';
import { DiagramPicture, savePicture, type PictureFormat } from '@/ui/board';
import pages from '@/ui/theme/page.module.css';
import styles from './TaskCards.module.css';
import { useHouseVoice } from '@/ui/words';
import * as setsText from '@/text/screens/sets';
import * as commonText from '@/text/screens/common';

/** What may take the place of a puzzle. */
const REPLACEMENTS = [
  { value: 'equal', label: setsText.oneSameLengthLevel },
  { value: 'colours', label: setsText.sameColoursSwapped },
  { value: 'wing', label: setsText.sameMirroredLeftRight },
] as const satisfies readonly { value: ReplacePuzzle['by']; label: string }[];

const listMore = (terms: Terms) => [
  { value: '', label: setsText.more },
  { group: setsText.replaceWith, items: [...REPLACEMENTS] },
  { group: setsText.giveAlsoAs, items: HABITS.map((value) => ({ value, label: familyName(value, terms) })) },
  {
    group: setsText.savePictureAs,
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
  /** Puts another puzzle into its place. */
  readonly onReplace: (input: {
    setId: number;
    taskId: number;
    by: ReplacePuzzle['by'];
  }) => Promise<Result<undefined, ServiceFault>>;
  /** Puts a puzzle in once more, answered before a man moves. */
  readonly onHabit: (input: {
    setId: number;
    taskId: number;
    habit: Habit;
  }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { setId, items, onRemove, onHabit, onOrder, onReplace } = props;
  const [isOpen, setIsOpen] = useState(false);
  const { send, isBusy, error, fail } = useSending({ away: commonText.noAnswerNothingChanged });

  const change = (work: () => Promise<Result<undefined, ServiceFault>>) => void send(work);
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
      fail(setsText.browserCouldNotDraw),
    );
  }
  function doMore({ taskId, fen }: SetPuzzle, number: number, value: string) {
    const habit = HABITS.find((one) => one === value);
    const by = REPLACEMENTS.find((one) => one.value === value)?.value;
    if (habit !== undefined) addAs(taskId, habit);
    else if (by !== undefined) change(() => onReplace({ setId, taskId, by }));
    else if (value === 'svg' || value === 'png') save(fen, number, value);
  }

  return (
    <section>
      <div className={pages.row} style={{ minHeight: '2.75rem' }}>
        <Switch
          size="md"
          label={setsText.showSolutions}
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
            {setsText.fromEasyHard}
          </Button>
        )}
        <span role="alert">{error}</span>
        <span role="status">{isBusy ? setsText.changingSet : ''}</span>
      </div>
      <Sorting
        rows={items.map(({ taskId }, index) => ({ id: taskId, name: setsText.taskNumber(index + 1) }))}
        noun={commonText.nouns.task}
        strategy={rectSortingStrategy}
        onMove={move}
      >
        <ol className={pages.cards} style={{ marginTop: '0.75rem' }}>
          {items.map((item, index) => (
            <TaskCard
              key={item.taskId}
              item={item}
              index={index}
              isLast={index === items.length - 1}
              isOpen={isOpen}
              isBusy={isBusy}
              onMove={(by) => move(index, index + by)}
              onMore={(puzzle, value) => doMore(puzzle, index + 1, value)}
              onRemove={() => remove(item.taskId)}
            />
          ))}
        </ol>
      </Sorting>
    </section>
  );
}

function TaskCard(props: {
  readonly item: SetItem;
  readonly index: number;
  readonly isLast: boolean;
  readonly isOpen: boolean;
  readonly isBusy: boolean;
  readonly onMove: (by: -1 | 1) => void;
  readonly onMore: (puzzle: SetPuzzle, value: string) => void;
  readonly onRemove: () => void;
}) {
  const { terms } = useHouseVoice();
  const { item, index, isOpen, isBusy, onMove } = props;
  const number = index + 1;
  const { ref, style, grip } = useSortedRow({ id: item.taskId, name: setsText.taskNumber(number) });
  return (
    <li ref={ref} className={pages.card} style={style}>
      {item.family === 'mate' ? (
        <PuzzlePicture puzzle={item} number={number} isOpen={isOpen} grip={grip} />
      ) : (
        <ExercisePicture exercise={item} number={number} isOpen={isOpen} grip={grip} />
      )}
      <div className={pages.row}>
        {item.family === 'mate' && (
          <>
            <Link href={`/desk?fen=${encodeURIComponent(item.fen)}`}>{setsText.openDesk}</Link>
            <NativeSelect
              aria-label={setsText.moreTask(number)}
              w="7.5rem"
              disabled={isBusy}
              value=""
              data={listMore(terms)}
              onChange={({ currentTarget: { value } }) => props.onMore(item, value)}
            />
          </>
        )}
        <Button
          variant="default"
          px="xs"
          mih={44}
          disabled={isBusy || index === 0}
          aria-label={setsText.taskEarlier(number)}
          onClick={() => onMove(-1)}
        >
          {setsText.earlier}
        </Button>
        <Button
          variant="default"
          px="xs"
          mih={44}
          disabled={isBusy || props.isLast}
          aria-label={setsText.taskLater(number)}
          onClick={() => onMove(1)}
        >
          {setsText.later}
        </Button>
        <Button
          variant="subtle"
          color="clay"
          px="xs"
          mih={44}
          disabled={isBusy}
          aria-label={setsText.removeTask(number)}
          onClick={props.onRemove}
        >
          {commonText.remove}
        </Button>
      </div>
    </li>
  );
}

/** Mates by their number; exercises have none and go before them, in their order. */
function byDifficulty(one: SetItem, other: SetItem): number {
  const numberOf = (item: SetItem) => (item.family === 'mate' ? (item.rating?.value ?? 0) : -1);
  return numberOf(one) - numberOf(other);
}

function CardHead(props: {
  readonly number: number;
  readonly grip: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <div className={styles.cardHead}>
      <h2>
        {props.number}. {props.children}
      </h2>
      {props.grip}
    </div>
  );
}

interface PictureProps {
  readonly number: number;
  readonly isOpen: boolean;
  /** The card is taken by it. */
  readonly grip: ReactNode;
}

function PuzzlePicture({ puzzle, number, isOpen, grip }: PictureProps & { readonly puzzle: SetPuzzle }) {
  const draft = parseFen(puzzle.fen);
  const { board, turn } = draft.ok ? draft.value : EMPTY_DRAFT;
  const label = mateLabel(turn, puzzle.mateInMoves);
  return (
    <>
      <CardHead number={number} grip={grip}>
        {label}
      </CardHead>
      <DiagramPicture diagram={{ board, turn, bottom: turn }} title={setsText.puzzle(number, label)} />
      {puzzle.mateNoBlocks !== undefined && (
        <p className={pages.soft} style={{ margin: '0.4rem 0' }}>
          {blocklessText(puzzle.mateNoBlocks)}
        </p>
      )}
      {isOpen && (
        <p style={{ margin: '0.4rem 0' }}>
          {puzzle.keys.length === 1 ? setsText.key : setsText.keys(puzzle.keys.length)}:{' '}
          {listWords(puzzle.keys)}
          <br />
          <span className={pages.soft}>{puzzle.mainLine}</span>
        </p>
      )}
      {puzzle.grade !== undefined && (
        <p className={pages.soft} style={{ margin: '0.4rem 0' }}>
          {gradeText(puzzle.grade, puzzle.rating)}
        </p>
      )}
      {puzzle.game !== undefined && (
        <p className={pages.soft} style={{ margin: '0.4rem 0' }}>
          {setsText.from}
          <Link href={`/games/${puzzle.game.gameId}`}>{puzzle.game.title}</Link>
        </p>
      )}
    </>
  );
}

function ExercisePicture({
  exercise,
  number,
  isOpen,
  grip,
}: PictureProps & { readonly exercise: SetExercise }) {
  const { terms } = useHouseVoice();
  const { family, level } = exercise;
  const words = familyWords(family, terms);
  const { question, scene, solution } = openExercise(exercise);
  const marks = scene.asked.map((square) => ({ square, mark: 'hint' as const }));
  return (
    <>
      <CardHead number={number} grip={grip}>
        {words.name}
      </CardHead>
      {!scene.isHidden && (
        <DiagramPicture
          diagram={{ ...scene, marks }}
          title={setsText.task(number, questionText(words, question))}
        />
      )}
      <p style={{ margin: '0.4rem 0' }}>
        {questionText(words, question)} <span className={pages.soft}>{setsText.level(level)}</span>
      </p>
      {isOpen && <p style={{ margin: '0.4rem 0' }}>{setsText.answer(answerText(words, solution))}</p>}
    </>
  );
}
