/** A second language is one more folder: here every sentence is in brackets, and what a screen shows without them did not come from `text`. */
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import type { ClassId, LessonId, SetId, StudentId } from '@/contracts/ids';
import { composeExercise } from '@/core/compose';
import { MAN_VALUES } from '@/core/board';
import { EXERCISE_IDS } from '@/core/exercises';
import { data, listUnspoken, speakInBrackets } from '../../tests/support/pseudoLanguage';
import { renderUi } from '../../tests/support/renderUi';
import type { ExercisePlayer as Player } from './answer/ExercisePlayer';
import { asWritten } from '@/text';

speakInBrackets();

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const settle = () => act(() => jest.advanceTimersByTimeAsync(1000));

beforeAll(() => {
  // Nothing is computed here: what is shown before is enough.
  globalThis.Worker = class {
    postMessage() {}
    terminate() {}
    addEventListener() {}
  } as never;
});

/** What does something here; a form that opens another page does not. */
const listPressable = () =>
  screen
    .queryAllByRole('button')
    .filter((button) => !button.hasAttribute('disabled') && button.closest('form[action]') === null);

/** Draws it, and again after each of its buttons was pressed: nothing of it may stand without brackets. */
async function expectSpoken(panel: ReactElement, presses = 0): Promise<void> {
  renderUi(panel);
  await settle();
  expect(document.body.textContent).toMatch(/⟦/);
  expect(listUnspoken(document.body)).toEqual([]);
  for (let at = 0; at < presses; at += 1) {
    const button = listPressable()[at];
    if (button === undefined) break;
    fireEvent.click(button);
    await settle();
    expect({ after: button.textContent, unspoken: listUnspoken(document.body) }).toEqual({
      after: button.textContent,
      unspoken: [],
    });
  }
}

describe('a child’s exercise', () => {
  let ExercisePlayer: typeof Player;
  beforeAll(async () => {
    ({ ExercisePlayer } = await import('./answer/ExercisePlayer'));
  });

  test.each(EXERCISE_IDS)('%s: question, board, answer, help, reasons and the solution', async (id) => {
    const task = composeExercise(id, 1, 71);
    await expectSpoken(
      <ExercisePlayer
        task={task}
        next={asWritten(data('next'))}
        onAnswer={() => undefined}
        onNext={() => undefined}
      />,
    );
    // Every step of help, then whatever can be pressed to answer, and the solution.
    for (let step = 0; step < 8; step += 1) {
      const buttons = listPressable();
      const button = buttons[step % Math.max(1, buttons.length)];
      const cell = document.querySelectorAll('[data-square]')[(step * 11) % 64];
      if (button !== undefined) fireEvent.click(button);
      if (cell !== undefined) fireEvent.keyDown(cell, { key: 'Enter' });
      await settle();
      expect(listUnspoken(document.body)).toEqual([]);
    }
    cleanup();
  });
});

const SETS = [{ setId: 4 as SetId, name: data('First mates') }];
const CLASSES = [{ classId: 3 as ClassId, name: data('Lantern class') }];
const MATE = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const LANTERN = { classId: 3 as ClassId, className: data('Lantern class') };
const FERN = [{ studentId: 7 as StudentId, name: data('Fern'), ...LANTERN }];
const never = () => new Promise<never>(() => undefined);

const PANELS: readonly (readonly [string, () => Promise<ReactElement>])[] = [
  [
    'the game with pawns only',
    async () => {
      const { PawnTable } = await import('./panels/pawns/PawnTable');
      return <PawnTable owner="1" />;
    },
  ],
  [
    'the wall of named mates',
    async () => {
      const { PatternWall } = await import('./panels/patterns/PatternWall');
      return <PatternWall />;
    },
  ],
  [
    'a named mate',
    async () => {
      const { PatternPage } = await import('./panels/patterns/PatternPage');
      return <PatternPage id="opera" puzzles={[]} />;
    },
  ],
  [
    'the Desk',
    async () => {
      const { Desk } = await import('./panels/desk/Desk');
      return (
        <Desk
          clubPatterns={[]}
          areLooseNamesShown={false}
          readingOrder={['checks', 'captures', 'threats']}
          initialFen={MATE}
          sets={SETS}
          values={{ ...MAN_VALUES, king: 0 }}
          ways={undefined}
          actions={{ addPuzzle: never, addQuestion: never, addClubPattern: never, addSet: never }}
        />
      );
    },
  ],
  [
    'composing puzzles',
    async () => {
      const { PuzzleMaker } = await import('./panels/puzzles/PuzzleMaker');
      return (
        <PuzzleMaker
          sets={SETS}
          classes={CLASSES}
          areLooseNamesShown={false}
          actions={{ addPuzzle: never, addSet: never, listSeen: never } as never}
        />
      );
    },
  ],
  [
    'importing positions',
    async () => {
      const { ImportPanel } = await import('./panels/import/ImportPanel');
      return <ImportPanel sets={SETS} actions={{} as never} />;
    },
  ],
  [
    'importing games',
    async () => {
      const { GamesImport } = await import('./panels/games/GamesImport');
      return <GamesImport students={FERN} onStore={never} />;
    },
  ],
  [
    'who is here',
    async () => {
      const { AttendancePanel } = await import('./panels/lessons/AttendancePanel');
      const lesson = {
        lessonId: 9 as LessonId,
        classId: 3 as ClassId,
        className: data('Lantern class'),
        mayChange: true,
        students: [{ studentId: 7 as StudentId, name: data('Fern'), wasHere: undefined, hasCatchUp: false }],
        catchUpCount: 6,
        plan: undefined,
      };
      return <AttendancePanel lesson={lesson as never} onNote={never} onCatchUp={never} />;
    },
  ],
  [
    'when a class meets',
    async () => {
      const { ScheduleForm } = await import('./panels/lessons/ScheduleForm');
      return <ScheduleForm classId={3 as ClassId} from="2026-11-26" to="2026-12-20" onSchedule={never} />;
    },
  ],
  [
    'a list of children',
    async () => {
      const { RosterImport } = await import('./panels/roster/RosterImport');
      return <RosterImport classId={3 as ClassId} actions={{ read: never, add: never }} />;
    },
  ],
  [
    'the children of a class moved',
    async () => {
      const { MoveChildren } = await import('./panels/roster/MoveChildren');
      return (
        <MoveChildren
          classId={4 as ClassId}
          students={FERN}
          others={CLASSES}
          onChange={never}
          onUndo={never}
        />
      );
    },
  ],
  [
    'a child erased',
    async () => {
      const { EraseChild } = await import('./panels/roster/EraseChild');
      return (
        <EraseChild studentId={7 as StudentId} name={data('Fern')} onErase={never} onDone={() => undefined} />
      );
    },
  ],
  [
    'boards and cards to print',
    async () => {
      const { Stationery } = await import('./panels/paper/Stationery');
      return <Stationery />;
    },
  ],
  [
    'a set on paper',
    async () => {
      const { SetPaper } = await import('./panels/paper/SetPaper');
      return (
        <SetPaper
          setId={4}
          taskCount={9}
          hasWords
          groups={[{ classId: 3, name: data('Lantern class'), studentCount: 8 }]}
          date="2026-11-26"
        />
      );
    },
  ],
  [
    'trying exercises',
    async () => {
      const { TryExercises } = await import('./panels/exercises/TryExercises');
      return (
        <TryExercises
          values={{ pawn: 1, knight: 3, bishop: 3, rook: 5, queen: 9, king: 0 }}
          ways={undefined}
          sets={SETS}
          actions={{ addRound: never, addSet: never }}
        />
      );
    },
  ],
  [
    'the lessons of a class',
    async () => {
      const { LessonList } = await import('./panels/lessons/LessonList');
      const lesson = (lessonId: number, day: string, changes: object) => ({
        ...{ lessonId, day, startsAt: '16:30', minutes: 45, plan: undefined, isCancelled: false },
        ...{ holiday: undefined, hereCount: 0, awayCount: 0, ...changes },
      });
      const lessons = [
        lesson(1, '2026-11-19', { hereCount: 7, awayCount: 1 }),
        lesson(2, '2026-11-26', {}),
        lesson(3, '2026-12-03', { holiday: data('Harvest week') }),
        lesson(4, '2026-12-10', { isCancelled: true }),
      ];
      return (
        <LessonList
          classId={3 as ClassId}
          lessons={lessons as never}
          plans={[]}
          today="2026-11-26"
          mayChange
          onChange={never}
        />
      );
    },
  ],
  [
    'reports',
    async () => {
      const { ReportsPanel } = await import('./panels/reports/ReportsPanel');
      const page = {
        classId: 3 as ClassId,
        className: data('Lantern class'),
        students: FERN,
        stages: [{ stage: 'board', names: [data('Fern')] }],
      };
      return <ReportsPanel page={page as never} onEmail={never} />;
    },
  ],
];

test.each(PANELS)('%s', async (_, open) => {
  await expectSpoken(await open(), 8);
});
