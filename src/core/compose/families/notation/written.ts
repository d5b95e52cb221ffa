/** Games played at random, one move of which is asked for: what the composers of notation share. */
import type { Role, Square } from '../../../board';
import { EXERCISES, type ExerciseTaskOf, type Level } from '../../../exercises';
import { makeFen, makeMoveText } from '../../../notation';
import {
  findCaptured,
  INITIAL_POSITION,
  listLegalMoves,
  playMove,
  type Move,
  type Position,
} from '../../../rules';
import { pickOne, randomBelow, type Random } from '../../../shared';
import {
  getRecipe,
  isWithin,
  playAtRandom,
  shuffle,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';

export type WrittenTask = ExerciseTaskOf<'write-move'>;

/** 1: a plain move. 2: a capture. 3: a check, or castling. 4: more signs at once. 5: which of two men. */
const WRITTEN_RANGES: Recipes<readonly [number, number]> = {
  1: [0, 1],
  2: [2, 2],
  3: [3, 3],
  4: [4, 5],
  5: [6, 40],
};

export function makeWrittenComposer(id: 'write-move' | 'play-written'): Composer<WrittenTask> {
  return (random, level) => {
    const [least, most] = getRecipe(WRITTEN_RANGES, level);
    return sampleUntil(() => {
      const position = playAtRandom(random, 8 + randomBelow(random, 50));
      const fen = makeFen(position);
      const moves = shuffle(random, listCandidates(position, level)).slice(0, 6);
      return moves
        .map((move) => ({ fen, move: makeMoveText(move) }))
        .find((task) => isWithin(EXERCISES[id].measure(task), least, most));
    });
  };
}

/** Moves that may fit the level, told cheaply. */
function listCandidates(position: Position, level: Level): Move[] {
  const moves = listLegalMoves(position);
  const isCapture = (move: Move) => findCaptured(position, move) !== undefined;
  if (level === 2) return moves.filter(isCapture);
  if (level === 4) return moves.filter((move) => isCapture(move) || move.promotion !== undefined);
  if (level < 5) return moves;
  const roleAt = (square: Square): Role | undefined => position.board[square]?.role;
  return moves.filter(({ from, to }) =>
    moves.some(
      (other) =>
        other.to === to &&
        other.from !== from &&
        roleAt(other.from) === roleAt(from) &&
        roleAt(from) !== 'pawn',
    ),
  );
}

/** Moves of the line that stand before the faulty one. */
export const MOST_BEFORE = 5;

interface LineTurn {
  readonly position: Position;
  readonly move: Move;
}

/** Random moves from the beginning; captures a little oftener, so that there is something to write. */
export function playLine(random: Random, plies: number): LineTurn[] {
  const line: LineTurn[] = [];
  let position: Position = INITIAL_POSITION;
  while (line.length < plies) {
    const moves = listLegalMoves(position);
    if (moves.length === 0) break;
    const from = position;
    const captures = moves.filter((one) => findCaptured(from, one) !== undefined);
    const move = pickOne(random, captures.length > 0 && random() < 0.3 ? captures : moves);
    line.push({ position, move });
    position = playMove(position, move);
  }
  return line;
}
