import type { ExerciseTaskOf, Level } from '../../../exercises';
import { makeFen, makeMoveText, makeNumberedLine, makeSan } from '../../../notation';
import {
  findCaptured,
  INITIAL_POSITION,
  listLegalMoves,
  playMove,
  type Move,
  type Position,
} from '../../../rules';
import { pickOne, randomBelow } from '../../../shared';
import { sampleUntil, type Composer } from '../../draw';
import { MOST_BEFORE } from './written';

type RepairLineTask = ExerciseTaskOf<'repair-line'>;

/** 1: number before letter. 2: a capture without x. 3: a check without its sign. 4: which of two men is not said. */
export const composeRepairLine: Composer<RepairLineTask> = (random, level) =>
  sampleUntil(() => {
    const line: { position: Position; move: Move }[] = [];
    let position: Position = INITIAL_POSITION;
    for (let ply = 0; ply < 6 + randomBelow(random, 40); ply += 1) {
      const moves = listLegalMoves(position);
      if (moves.length === 0) break;
      const move = pickOne(random, moves);
      line.push({ position, move });
      position = playMove(position, move);
    }
    const at = line.findIndex(
      (step, index) => index >= 3 && disfigure(step.position, step.move, level) !== undefined,
    );
    const step = line[at];
    const faulty = step && disfigure(step.position, step.move, level);
    if (step === undefined || faulty === undefined) return undefined;
    const before = line.slice(Math.max(0, at - MOST_BEFORE), at);
    const first = before[0]?.position;
    if (first === undefined) return undefined;
    return {
      fen: makeFen({ ...step.position, halfmoves: 0, fullmoves: step.position.fullmoves }),
      move: makeMoveText(step.move),
      before: makeNumberedLine(
        first,
        before.map(({ move }) => move),
      ),
      faulty,
    };
  });

/** The slip of a level, where the move lets one be made. */
function disfigure(position: Position, move: Move, level: Level): string | undefined {
  const san = makeSan(position, move);
  const isCapture = findCaptured(position, move) !== undefined;
  switch (level) {
    case 1:
      return /^[KQRBN]?[a-h][1-8]$/.test(san) ? san.replace(/([a-h])([1-8])$/, '$2$1') : undefined;
    case 2:
      return isCapture && /^[KQRBN]x[a-h][1-8]$/.test(san) ? san.replace('x', '') : undefined;
    case 3:
      return san.endsWith('+') && isCapture ? san.slice(0, -1) : undefined;
    default:
      return /^[QRBN][a-h1-8]x?[a-h][1-8]/.test(san) ? san.replace(/^([QRBN])[a-h1-8]/, '$1') : undefined;
  }
}
