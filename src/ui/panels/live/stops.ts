/** What the big board shows of a plan: one stop after another, each with its home position. Plain functions, tested without a screen. */
import { opponentOf, type Side } from '@/core/board';
import { getAskedLength, openExercise, type ExerciseTask } from '@/core/exercises';
import { getDraft, makeFen, type MoveText } from '@/core/notation';
import { EMPTY_DRAFT, findKing, listAttackers, type PositionDraft } from '@/core/rules';
import type { AskQuestion, BoardPlace, BoardSegment, BoardStop } from '@/contracts/live';
import type { DiagramMark } from '@/drawing';
import { answerText, familyWords, mateQuestion, questionText, SIDE_WORDS, type Terms } from '@/text';
import * as liveText from '@/text/screens/live';

export interface ShownStop {
  readonly home: PositionDraft;
  readonly bottom: Side;
  readonly words: string;
  /** The words say whose move it is, or it is nobody's: the line below need not. */
  readonly isTurnSaid: boolean;
  /** Moves that are stepped through: a line, or the solution. */
  readonly moves: readonly MoveText[];
  readonly marks: readonly DiagramMark[];
  /** Asked without looking at a board. */
  readonly isHidden: boolean;
  /** The answer in words and marks, where it is no line. */
  readonly answer: { readonly text: string; readonly marks: readonly DiagramMark[] } | undefined;
  /** The stored or storable task the question is about. */
  readonly task: Pick<AskQuestion, 'taskId' | 'exercise'>;
}

/** An own position that was set up or reached by hand. */
export function showDraft(home: PositionDraft): ShownStop {
  return {
    home,
    bottom: 'white',
    words: liveText.sideToMove(SIDE_WORDS[home.turn]),
    isTurnSaid: true,
    moves: [],
    marks: [],
    isHidden: false,
    answer: undefined,
    task: {},
  };
}

/** Undefined while the exercise is still being composed. */
export function showStop(
  stop: BoardStop,
  composed: ExerciseTask | undefined,
  terms: Terms,
): ShownStop | undefined {
  switch (stop.kind) {
    case 'position': {
      const shown = showDraft(getDraft(stop.fen));
      return stop.label === 'A position' ? shown : { ...shown, words: stop.label, isTurnSaid: false };
    }
    case 'line': {
      const shown = showDraft(getDraft(stop.fen));
      const named = stop.label === 'A line' ? shown : { ...shown, words: stop.label, isTurnSaid: false };
      return { ...named, moves: stop.moves };
    }
    case 'mate': {
      const home = getDraft(stop.task.fen);
      return {
        ...showDraft(home),
        bottom: home.turn,
        words: mateQuestion(home.turn, getAskedLength(stop.task)),
        moves: stop.moves,
        task: { taskId: stop.taskId },
      };
    }
    case 'stored':
      return showExercise(stop.exercise, { taskId: stop.taskId }, terms);
    case 'exercise':
      return composed && showExercise(composed, { exercise: composed }, terms);
  }
}

/** A question of a board that was brought; the board itself stays what it was, and from whose side it is seen. */
export function showBrought(
  { fen, exercise }: { readonly fen: string; readonly exercise: ExerciseTask },
  terms: Terms,
): ShownStop {
  const shown = showExercise(exercise, { exercise }, terms);
  return { ...shown, home: { ...getDraft(fen), turn: shown.home.turn }, bottom: 'white' };
}

function showExercise(exercise: ExerciseTask, task: ShownStop['task'], terms: Terms): ShownStop {
  const { ask, scene, question, solution } = openExercise(exercise);
  const familyText = familyWords(exercise.family, terms);
  const isGame = ask.kind === 'play' && (ask.rules === 'legal' || ask.rules === 'line');
  const plain = { ...EMPTY_DRAFT, board: scene.board, turn: scene.turn ?? 'white' };
  return {
    home: isGame ? getDraft(ask.fen) : plain,
    bottom: scene.bottom,
    words: questionText(familyText, question),
    isTurnSaid: scene.isHidden || familyText.isTurnSaid === true,
    moves: isGame && solution.kind === 'play' ? solution.moves : [],
    marks: scene.asked.map((square) => ({ square, mark: 'hint' })),
    isHidden: scene.isHidden,
    answer: isGame
      ? undefined
      : {
          text: answerText(familyText, solution),
          marks:
            solution.kind === 'tap' ? solution.marks.map(({ square }) => ({ square, mark: 'goes' })) : [],
        },
    task,
  };
}

/** The stop before or behind a place, over the ends of segments; the same place at the ends of the plan. */
export function stepPlace(segments: readonly BoardSegment[], place: BoardPlace, by: 1 | -1): BoardPlace {
  const places = segments.flatMap(({ stops }, segment) => stops.map((_, stop) => ({ segment, stop })));
  const at = places.findIndex((one) => one.segment === place.segment && one.stop === place.stop);
  return places[at + by] ?? places[at] ?? place;
}

/** The first stop of a segment that has one. */
export function firstOf(segments: readonly BoardSegment[], segment: number): BoardPlace | undefined {
  return (segments[segment]?.stops.length ?? 0) > 0 ? { segment, stop: 0 } : undefined;
}

export function findStop(segments: readonly BoardSegment[], place: BoardPlace): BoardStop | undefined {
  return segments[place.segment]?.stops[place.stop];
}

/** Every square the mover's men guard, and no man of theirs stands on. */
export function listGuardMarks({ board, turn }: PositionDraft): DiagramMark[] {
  return Array.from({ length: 64 }, (_, square) => square)
    .filter((square) => board[square]?.side !== turn && listAttackers(board, square, turn).length > 0)
    .map((square) => ({ square, mark: 'guarded' }));
}

/** The squares round the king that is hunted: free, guarded, or an own man; a line goes on through the king. */
export function listFlightMarks(place: PositionDraft, turn: Side): DiagramMark[] {
  const hunted = opponentOf(turn);
  if (findKing(place.board, hunted) === undefined) return [];
  const fen = makeFen({ ...place, turn: hunted, enPassant: undefined });
  const { solution } = openExercise({ family: 'king-squares', task: { fen } });
  if (solution.kind !== 'tap') return [];
  return solution.marks.map(({ square, label }) => ({
    square,
    mark: label === 'free' ? 'goes' : label === 'own-man' ? 'blocked' : 'guarded',
  }));
}
