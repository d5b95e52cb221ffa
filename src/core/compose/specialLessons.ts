/** Composers of the special moves: castling, in passing, promotion. */
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
} from '../board';
import { EXERCISES, type ExerciseTaskOf, type Level } from '../exercises';
import { makeFen } from '../notation';
import { EMPTY_DRAFT, isCheck, listLegalMoves, playMove, type Position, type PositionDraft } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import {
  EDGE,
  findLegal,
  getRecipe,
  isWithin,
  place,
  throwPosition,
  throwUntil,
  type Composer,
  type Recipes,
} from './draw';

type CastlingTask = ExerciseTaskOf<'may-castle'>;
const CASTLING_RECIPES: Recipes<{ answers: readonly string[]; men: number; isToldMuch: boolean }> = {
  1: { answers: ['may-castle', 'in-the-way', 'has-moved'], men: 1, isToldMuch: false },
  2: { answers: ['may-castle', 'in-check', 'in-the-way', 'has-moved'], men: 3, isToldMuch: false },
  3: { answers: ['may-castle', 'passes-attack', 'lands-in-check', 'in-check'], men: 5, isToldMuch: false },
  4: { answers: ['may-castle', 'passes-attack', 'lands-in-check', 'has-moved'], men: 7, isToldMuch: true },
};

/** 1: free or not, moved or not. 2: in check. 3: passing an attacked square. 4: and what does not matter. */
export const composeMayCastle: Composer<CastlingTask> = (random, level) => {
  const { answers, men, isToldMuch } = getRecipe(CASTLING_RECIPES, level);
  const answer = pickOne(random, answers);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const home = turn === 'white' ? 0 : 56;
    const standing = new Map([
      [home + 4, getMan(turn, 'king')],
      [home, getMan(turn, 'rook')],
      [home + 7, getMan(turn, 'rook')],
    ]);
    const position = throwPosition(random, turn, standing, men, men);
    if (position === undefined) return undefined;
    const hasMoved =
      answer === 'has-moved'
        ? pickOne(random, ['king', 'rook'] as const)
        : isToldMuch && random() < 0.5
          ? 'other-rook'
          : 'nobody';
    const task: CastlingTask = {
      fen: makeFen(position),
      wing: pickOne(random, ['short', 'long'] as const),
      hasMoved,
      wasInCheck: isToldMuch && random() < 0.4,
    };
    const isFit =
      EXERCISES['may-castle'].isTask(task) && EXERCISES['may-castle'].solution(task).options[0] === answer;
    return isFit ? task : undefined;
  });
};

type PassingTask = ExerciseTaskOf<'may-pass'>;
const PASSING_RECIPES: Recipes<{ answers: readonly string[]; men: number }> = {
  1: { answers: ['may-take', 'single-step'], men: 0 },
  2: { answers: ['may-take', 'single-step', 'too-late'], men: 2 },
  3: { answers: ['may-take', 'not-beside', 'too-late', 'single-step'], men: 5 },
  4: { answers: ['may-take', 'king-in-check', 'too-late'], men: 7 },
};

/** 1: two steps or one. 2: at once or never. 3: beside or not. 4: the own king may be left in check. */
export const composeMayPass: Composer<PassingTask> = (random, level) => {
  const { answers, men } = getRecipe(PASSING_RECIPES, level);
  const answer = pickOne(random, answers);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const forward = turn === 'white' ? 8 : -8;
    const fifth = turn === 'white' ? 32 : 24;
    const [file, aside] = [
      randomBelow(random, 8),
      pickOne(random, answer === 'not-beside' ? [-2, 2, -1, 1] : [-1, 1]),
    ];
    if (file + aside < 0 || file + aside > 7) return undefined;
    const to = fifth + file + aside;
    const pawn = fifth + file - (answer === 'not-beside' && Math.abs(aside) === 1 ? forward : 0);
    const from = to + (answer === 'single-step' ? forward : 2 * forward);
    const standing = new Map([
      [pawn, getMan(turn, 'pawn')],
      [to, getMan(opponentOf(turn), 'pawn')],
    ]);
    const position = throwPosition(random, turn, standing, men, men);
    if (position === undefined || isCheck(position)) return undefined;
    if ([to + forward, to + 2 * forward].some((square) => position.board[square] !== undefined))
      return undefined;
    const task: PassingTask = { fen: makeFen(position), pawn, from, to, isLate: answer === 'too-late' };
    return EXERCISES['may-pass'].solution(task).options[0] === answer ? task : undefined;
  });
};

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
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const from = (turn === 'white' ? 48 : 8) + randomBelow(random, 8);
    const to = from + (turn === 'white' ? 8 : -8);
    const goal = level === 4 ? 'fork' : level === 2 ? 'no-stalemate' : 'mate';
    const draft = throwPromotion(random, turn, from, to, level, wanted);
    const position = draft && findLegal(level === 4 ? throwForked(random, draft, to, wanted) : draft);
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
function throwForked(random: Random, draft: PositionDraft, to: Square, wanted: Promoted): PositionDraft {
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
function throwPromotion(
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
