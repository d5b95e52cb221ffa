import {
  fileOf,
  getMan,
  kingDistance,
  opponentOf,
  rankOf,
  SIDES,
  type Man,
  type Side,
  type Square,
} from '../../../board';
import { EXERCISES, type ExerciseTaskOf, type Level } from '../../../exercises';
import { makeFen } from '../../../notation';
import {
  EMPTY_DRAFT,
  isCheck,
  listLegalMoves,
  playMove,
  type Position,
  type PositionDraft,
} from '../../../rules';
import { pickOne, randomBelow, type Random } from '../../../shared';
import {
  EDGE,
  findLegal,
  getRecipe,
  isWithin,
  place,
  sampleUntil,
  type Composer,
  type Recipes,
} from '../../draw';

type PromotionTask = ExerciseTaskOf<'promote-to'>;

type Promoted = 'queen' | 'rook' | 'bishop' | 'knight';

/** The best man that is right; drawn first, so that no level always has the same answer. */
const PROMOTED: Recipes<readonly Promoted[]> = {
  1: ['queen'],
  2: ['rook', 'rook', 'queen'],
  3: ['knight', 'knight', 'queen'],
  // Not a rook: a queen that it attacks takes it.
  4: ['knight', 'knight', 'bishop'],
};

/** 1: the queen mates. 2: the queen may be stalemate. 3: often only a lesser man mates. 4: a lesser man forks. */
export const composePromoteTo: Composer<PromotionTask> = (random, level) => {
  const wanted = pickOne(random, getRecipe(PROMOTED, level));
  // Where the queen mates along a line the rook does too; half of those are left.
  const isRookWelcome = random() < 0.5;
  return sampleUntil(() => {
    const turn = pickOne(random, SIDES);
    const from = (turn === 'white' ? 48 : 8) + randomBelow(random, 8);
    const to = from + (turn === 'white' ? 8 : -8);
    const goal = level === 4 ? 'fork' : level === 2 ? 'no-stalemate' : 'mate';
    const draft = samplePromotion(random, turn, from, to, level, wanted);
    const position = draft && findLegal(level === 4 ? sampleForked(random, draft, to, wanted) : draft);
    if (position === undefined || isCheck(position)) return undefined;
    const task: PromotionTask = { fen: makeFen(position), from, to, goal };
    if (!EXERCISES['promote-to'].isTask(task)) return undefined;
    const right = EXERCISES['promote-to'].solution(task).options;
    const isRight = right.includes(wanted) && right.includes('queen') === (wanted === 'queen');
    if (isRight && level === 2 && wanted === 'queen' && !isNearlyStuck(position, from, to)) return undefined;
    return isRight && (level !== 1 || isRookWelcome || !right.includes('rook')) ? task : undefined;
  });
};

/** Has their king a square or two left beside a new queen? */
function isNearlyStuck(position: Position, from: Square, to: Square): boolean {
  return isWithin(listLegalMoves(playMove(position, { from, to, promotion: 'queen' })).length, 1, 2);
}

/** A queen or rook of theirs where the new man looks, as it looks at their king, and some men more. */
function sampleForked(random: Random, draft: PositionDraft, to: Square, wanted: Promoted): PositionDraft {
  const board = draft.board.slice();
  const looked = board.flatMap((man, at) => (man === undefined && canLook(wanted, to, at) ? [at] : []));
  if (looked.length > 0)
    board[pickOne(random, looked)] = getMan(
      opponentOf(draft.turn),
      wanted === 'bishop' ? 'rook' : pickOne(random, ['queen', 'rook']),
    );
  return place(random, { ...draft, board }, opponentOf(draft.turn), ['knight', 'pawn', 'pawn']);
}

/** Does a man of this kind look from one square at the other when nothing stands between? */
function canLook(role: Promoted, one: Square, other: Square): boolean {
  const [files, ranks] = [Math.abs(fileOf(one) - fileOf(other)), Math.abs(rankOf(one) - rankOf(other))];
  switch (role) {
    case 'knight':
      return files * ranks === 2;
    case 'bishop':
      return files === ranks && files > 0;
    case 'rook':
      return (files === 0) !== (ranks === 0);
    case 'queen':
      return canLook('rook', one, other) || canLook('bishop', one, other);
  }
}

/** Both kings near the square where the pawn becomes something; at the last level a king shut in, a knight's jump away. */
function samplePromotion(
  random: Random,
  turn: Side,
  from: Square,
  to: Square,
  level: Level,
  wanted: Promoted,
): PositionDraft | undefined {
  const board: (Man | undefined)[] = EMPTY_DRAFT.board.slice();
  board[from] = getMan(turn, 'pawn');
  const around = (centre: Square, least: number, most: number) =>
    Array.from({ length: 64 }, (_, square) => square).filter(
      (square) =>
        square !== to && board[square] === undefined && isWithin(kingDistance(square, centre), least, most),
    );
  const kings = around(to, 1, level === 2 ? 3 : 7).filter((square) =>
    level === 2 ? EDGE.includes(square) : level === 1 || canLook(wanted, to, square),
  );
  if (kings.length === 0) return undefined;
  const king = pickOne(random, kings);
  board[king] = getMan(opponentOf(turn), 'king');
  if (level === 3) {
    for (const square of around(king, 1, 1)) {
      if (random() < 0.6)
        board[square] = getMan(opponentOf(turn), pickOne(random, ['bishop', 'knight', 'rook']));
    }
  }
  const own = around(king, 2, 3);
  if (own.length === 0) return undefined;
  board[pickOne(random, own)] = getMan(turn, 'king');
  if (level !== 2) {
    board[pickOne(random, around(king, 1, 7))] = getMan(
      turn,
      pickOne(random, ['rook', 'bishop', 'knight', 'queen']),
    );
  }
  return { ...EMPTY_DRAFT, turn, board };
}
