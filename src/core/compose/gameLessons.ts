/**
 * Composers on positions of a game: values, check and mate, special moves, notation. Where mates at once are wanted, the search's quick
 * test finds the boards; the tasks themselves are judged without it.
 */
import {
  fileOf,
  getMan,
  kingDistance,
  opponentOf,
  rankOf,
  SIDES,
  type Man,
  type Role,
  type Side,
  type Square,
} from '../board';
import { EXERCISES, type ExerciseTaskOf, type Level } from '../exercises';
import { makeFen, makeMoveText, makeSan } from '../notation';
import {
  EMPTY_DRAFT,
  findCaptured,
  findOutcome,
  isCheck,
  listAttackers,
  listLegalMoves,
  passTurn,
  playMove,
  type Move,
  type Position,
  type PositionDraft,
} from '../rules';
import { createMateSearch, type MateSearch } from '../search';
import { pickOne, randomBelow, type Random } from '../shared';
import {
  findLegal,
  getRecipe,
  isWithin,
  place,
  placeKings,
  playAtRandom,
  scatter,
  shuffle,
  throwPosition,
  throwUntil,
  type Composer,
  type Recipes,
} from './draw';

let search: MateSearch | undefined;
/** Is there a mate at once? */
function hasMate(position: Position): boolean {
  search ??= createMateSearch();
  return search.canMate(position, 1);
}

/** Men beside the kings: 1 four, 2 seven, 3 eleven, 4 eighteen. */
const AHEAD_MEN: Recipes<readonly [number, number]> = { 1: [2, 2], 2: [4, 3], 3: [6, 5], 4: [9, 9] };

export const composeWhoIsAhead: Composer<ExerciseTaskOf<'who-is-ahead'>> = (random, level, values) => {
  const [one, other] = getRecipe(AHEAD_MEN, level);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), one, other);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position), values };
    const [balance = ''] = EXERCISES['who-is-ahead'].solution(task).options;
    const points = balance === 'even' ? 0 : Number(balance.split('-')[1]);
    return points <= 6 ? task : undefined;
  });
};

/** 1: one man for one. 2: one for two. 3: two for two or three. */
export const composeTrade: Composer<ExerciseTaskOf<'trade'>> = (random, level, values) =>
  throwUntil(() => {
    const counts = [
      [1, 1],
      [1, 2],
      [2, 2 + randomBelow(random, 2)],
    ][level - 1] ?? [1, 1];
    const pick = (count = 1) =>
      Array.from({ length: count }, () =>
        pickOne(random, ['pawn', 'knight', 'bishop', 'rook', 'queen'] as const),
      );
    const [given, taken] = shuffle(random, counts).map(pick);
    if (given === undefined || taken === undefined) return undefined;
    const task = { given, taken, values };
    const measure = EXERCISES.trade.measure(task);
    // Far apart is no question.
    const isNear = measure >= 10 * (given.length + taken.length) - 4;
    const isFair = EXERCISES.trade.solution(task).options[0] !== 'even' || random() < 0.5;
    return isNear && isFair && given.join() !== taken.join() ? task : undefined;
  });

const COUNT_RECIPES: Recipes<readonly [own: number, others: number, least: number, most: number]> = {
  1: [3, 3, 1, 2],
  2: [7, 5, 3, 3],
  3: [8, 7, 4, 5],
  4: [9, 8, 6, 30],
};

/** 1: one or two look at the square. 2: more. 3: one stands behind another. 4: a pinned man, or two behind. */
export const composeCountOnSquare: Composer<ExerciseTaskOf<'count-on-square'>> = (random, level) => {
  const [own, others, least, most] = getRecipe(COUNT_RECIPES, level);
  return throwUntil(() => {
    const side = pickOne(random, SIDES);
    const position = throwPosition(random, side, new Map(), own, others);
    if (position === undefined) return undefined;
    const squares = position.board.flatMap((man, at) =>
      man !== undefined && man.role !== 'king' ? [at] : [],
    );
    const fen = makeFen(position);
    return shuffle(random, squares)
      .map((square) => ({ fen, square, side }))
      .find((task) => isWithin(EXERCISES['count-on-square'].measure(task), least, most));
  });
};

const EXCHANGE_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [5, 1, 4],
  2: [8, 5, 5],
  3: [10, 6, 6],
  4: [12, 7, 12],
};

/** 1: one capture or two. 2 to 4: more men look at the square, and more captures follow. */
export const composeTakeOrLeave: Composer<ExerciseTaskOf<'take-or-leave'>> = (random, level, values) => {
  const [men, least, most] = getRecipe(EXCHANGE_RECIPES, level);
  const wanted = pickOne(random, ['wins-men', 'loses-men', 'loses-men', 'comes-out-even']);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined) return undefined;
    const captures = listLegalMoves(position).filter(
      (move) =>
        move.promotion === undefined &&
        position.board[move.to] !== undefined &&
        isSmallFight(position, move.to),
    );
    const fen = makeFen(position);
    return shuffle(random, captures)
      .map((move) => ({ fen, move: makeMoveText(move), values }))
      .find(
        (task) =>
          EXERCISES['take-or-leave'].solution(task).options[0] === wanted &&
          isWithin(EXERCISES['take-or-leave'].measure(task), least, most),
      );
  });
};

/** Three men a side and fewer: every order of captures is soon looked at. */
function isSmallFight({ board }: Position, square: Square): boolean {
  return SIDES.every((side) => listAttackers(board, square, side).length <= 3);
}

/** Men beside the kings, of the side to move and of the other. */
const STATE_MEN: Recipes<readonly [number, number]> = { 1: [0, 2], 2: [1, 3], 3: [3, 5], 4: [6, 8] };

/** Every kind of end at every level; more men from level to level. */
export const composeWhatIsIt: Composer<ExerciseTaskOf<'what-is-it'>> = (random, level) => {
  const kinds = ['check', 'mate', 'stalemate', 'goes-on', ...(level < 3 ? ['dead'] : [])];
  const kind = pickOne(random, kinds);
  const [own, others] = getRecipe(STATE_MEN, level);
  return throwUntil(() => {
    const position = throwState(random, kind, own, others);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position) };
    return EXERCISES['what-is-it'].solution(task).options[0] === kind ? task : undefined;
  });
};

/** A position of this kind by chance; undefined when the throw is none. */
export function throwState(random: Random, kind: string, own: number, others: number): Position | undefined {
  const turn = pickOne(random, SIDES);
  switch (kind) {
    case 'mate': {
      const before = throwPosition(random, opponentOf(turn), new Map(), others, own);
      if (before === undefined || !hasMate(before)) return undefined;
      return findMatedPosition(before);
    }
    case 'stalemate':
      return throwStalemate(random, turn, own, others);
    case 'dead':
      return findLegal(
        placeKings(
          random,
          place(
            random,
            { ...EMPTY_DRAFT, turn },
            pickOne(random, SIDES),
            pickOne(random, [[], ['knight'], ['bishop']]),
          ),
        ),
      );
    default:
      return throwPosition(random, turn, new Map(), own, others);
  }
}

function findMatedPosition(before: Position): Position | undefined {
  return listLegalMoves(before)
    .map((move) => playMove(before, move))
    .find((after) => findOutcome(after)?.kind === 'mate');
}

/** A stalemate by chance: the king that is to move at the edge, its pawns stopped by pawns. */
export function throwStalemate(
  random: Random,
  turn: Side,
  own: number,
  others: number,
): Position | undefined {
  const king = pickOne(random, EDGE);
  let draft = {
    ...EMPTY_DRAFT,
    turn,
    board: EMPTY_DRAFT.board.map((_, at) => (at === king ? getMan(turn, 'king') : undefined)),
  };
  const forward = turn === 'white' ? 8 : -8;
  const board = draft.board.slice();
  for (let pawn = 0; pawn < own; pawn += 1) {
    const square = 16 + randomBelow(random, 32);
    if (board[square] !== undefined || board[square + forward] !== undefined) return undefined;
    board[square] = getMan(turn, 'pawn');
    board[square + forward] = getMan(opponentOf(turn), 'pawn');
  }
  draft = { ...draft, board };
  const left = Math.max(1, others - own);
  const roles = Array.from({ length: left }, () =>
    pickOne(random, ['queen', 'rook', 'bishop', 'knight', 'pawn'] as const),
  );
  const position = findLegal(placeKings(random, place(random, draft, opponentOf(turn), roles)));
  return position !== undefined && findOutcome(position)?.kind === 'stalemate' ? position : undefined;
}

const EDGE: readonly Square[] = Array.from({ length: 64 }, (_, square) => square).filter(
  (square) => square % 8 === 0 || square % 8 === 7 || square < 8 || square > 55,
);

const CHECKED_MEN: Recipes<readonly [number, number]> = { 1: [1, 2], 2: [3, 3], 3: [6, 5], 4: [10, 9] };

/** More men from level to level; every combination of answers comes, and mate too. */
export const composeAnswersToCheck: Composer<ExerciseTaskOf<'answers-to-check'>> = (random, level) => {
  const [own, others] = getRecipe(CHECKED_MEN, level);
  const isMate = random() < 0.2;
  const wanted = 1 + randomBelow(random, level === 1 ? 2 : 3);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    if (isMate) {
      const before = throwPosition(random, opponentOf(turn), new Map(), others, own);
      const mated = before !== undefined && hasMate(before) ? findMatedPosition(before) : undefined;
      return mated && { fen: makeFen(mated) };
    }
    const position = throwPosition(random, turn, new Map(), own, others);
    if (position === undefined || !isCheck(position)) return undefined;
    const task = { fen: makeFen(position) };
    const { options } = EXERCISES['answers-to-check'].solution(task);
    return options.length === wanted && !options.includes('none') ? task : undefined;
  });
};

const KING_MEN: Recipes<readonly [own: number, others: number, least: number, most: number]> = {
  1: [0, 2, 4, 9],
  2: [2, 3, 9, 11],
  3: [3, 5, 12, 14],
  4: [4, 7, 15, 40],
};

/** 1: two men look on. 2: own men beside the king. 3: more guards. 4: a line goes on through the king. */
export const composeKingSquares: Composer<ExerciseTaskOf<'king-squares'>> = (random, level) => {
  const [own, others, least, most] = getRecipe(KING_MEN, level);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), own, others);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position) };
    const { marks } = EXERCISES['king-squares'].solution(task);
    const isMixed = new Set(marks.map(({ label }) => label)).size > 1;
    return isMixed && isWithin(EXERCISES['king-squares'].measure(task), least, most) ? task : undefined;
  });
};

const MATE_MEN: Recipes<readonly [own: number, others: number, least: number, most: number]> = {
  1: [3, 0, 0, 44],
  2: [4, 3, 45, 59],
  3: [6, 6, 60, 79],
  4: [8, 7, 80, 400],
};

/** More moves, and more checks that do not mate, from level to level. */
export const composeMateInOne: Composer<ExerciseTaskOf<'mate-in-one'>> = (random, level) => {
  const [own, others, least, most] = getRecipe(MATE_MEN, level);
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    // The king that is looked for at the edge, where mates are.
    const standing = new Map([[pickOne(random, EDGE), getMan(opponentOf(turn), 'king')]]);
    const position = throwPosition(random, turn, level < 4 ? standing : new Map(), own, others);
    if (position === undefined || isCheck(position) || !hasMate(position)) return undefined;
    const task = { fen: makeFen(position) };
    return isWithin(EXERCISES['mate-in-one'].measure(task), least, most) ? task : undefined;
  });
};

const STOP_SHARES: Recipes<readonly [number, number]> = { 1: [110, 250], 2: [251, 700], 3: [701, 9_000] };

/** 1: many moves help. 2: few. 3: hardly one. */
export const composeStopMate: Composer<ExerciseTaskOf<'stop-mate'>> = (random, level) => {
  const [least, most] = getRecipe(STOP_SHARES, level);
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), 4, 7);
    const passed = position && passTurn(position);
    if (position === undefined || passed === undefined || !hasMate(passed)) return undefined;
    const moves = listLegalMoves(position);
    const safe = moves.filter((move) => !hasMate(playMove(position, move))).length;
    if (safe === 0 || !isWithin(Math.round((100 * moves.length) / safe), least, most)) return undefined;
    return { fen: makeFen(position) };
  });
};

const SAFE_RECIPES: Recipes<readonly [men: number, least: number, most: number]> = {
  1: [4, 0, 40],
  2: [6, 41, 60],
  3: [9, 61, 400],
};

/** As often a move that allows a mate as one that does not; more checks to be looked at from level to level. */
export const composeIsSafeMove: Composer<ExerciseTaskOf<'is-safe-move'>> = (random, level) => {
  const [men, least, most] = getRecipe(SAFE_RECIPES, level);
  const isAllowing = random() < 0.5;
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), men - 1, men + 1);
    if (position === undefined) return undefined;
    const moves = listLegalMoves(position).filter((move) => {
      const after = playMove(position, move);
      return listLegalMoves(after).length > 0 && hasMate(after) === isAllowing;
    });
    if (moves.length === 0) return undefined;
    const task = { fen: makeFen(position), move: makeMoveText(pickOne(random, moves)) };
    return isWithin(EXERCISES['is-safe-move'].measure(task), least, most) ? task : undefined;
  });
};

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

/** 1: the queen mates. 2: the queen would be stalemate. 3: only a lesser man mates. */
export const composePromoteTo: Composer<PromotionTask> = (random, level) =>
  throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const from = (turn === 'white' ? 48 : 8) + randomBelow(random, 8);
    const to = from + (turn === 'white' ? 8 : -8);
    const goal = level === 2 ? 'no-stalemate' : 'mate';
    const draft = throwPromotion(random, turn, from, to, level);
    const position = draft && findLegal(draft);
    if (position === undefined || isCheck(position)) return undefined;
    const task: PromotionTask = { fen: makeFen(position), from, to, goal };
    if (!EXERCISES['promote-to'].isTask(task)) return undefined;
    const isQueenRight = EXERCISES['promote-to'].solution(task).options.includes('queen');
    return isQueenRight === (level === 1) ? task : undefined;
  });

/** Both kings near the square where the pawn becomes something; at the last level a king shut in, a knight's jump away. */
function throwPromotion(
  random: Random,
  turn: Side,
  from: Square,
  to: Square,
  level: Level,
): PositionDraft | undefined {
  const board: (Man | undefined)[] = EMPTY_DRAFT.board.slice();
  board[from] = getMan(turn, 'pawn');
  const around = (centre: Square, least: number, most: number) =>
    Array.from({ length: 64 }, (_, square) => square).filter(
      (square) =>
        square !== to && board[square] === undefined && isWithin(kingDistance(square, centre), least, most),
    );
  const isJump = (square: Square) =>
    Math.abs(fileOf(square) - fileOf(to)) * Math.abs(rankOf(square) - rankOf(to)) === 2;
  const kings = around(to, 1, level === 2 ? 3 : 7).filter((square) =>
    level === 2 ? EDGE.includes(square) : level === 1 || isJump(square),
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

type WrittenTask = ExerciseTaskOf<'write-move'>;

/** 1: a plain move. 2: a capture. 3: a check, or castling. 4: more signs at once. 5: which of two men. */
const WRITTEN_RANGES: Recipes<readonly [number, number]> = {
  1: [0, 1],
  2: [2, 2],
  3: [3, 3],
  4: [4, 5],
  5: [6, 40],
};

export function composeWritten(id: 'write-move' | 'play-written'): Composer<WrittenTask> {
  return (random, level) => {
    const [least, most] = getRecipe(WRITTEN_RANGES, level);
    return throwUntil(() => {
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

/** 1: one of two. 2: one of three. 3: file and rank are both needed. */
export const composeWhichMan: Composer<WrittenTask> = (random, level) => {
  const count = level === 1 ? 2 : 3;
  return throwUntil(() => {
    const turn = pickOne(random, SIDES);
    const role = level === 3 ? 'queen' : pickOne(random, ['knight', 'rook', 'queen', 'bishop'] as const);
    const men = place(
      random,
      scatter(random, turn, new Map(), 0, 2),
      turn,
      Array.from({ length: count }, () => role),
    );
    const position = findLegal(placeKings(random, men));
    if (position === undefined || isCheck(position)) return undefined;
    const moves = listLegalMoves(position).filter(({ from, to }, _, all) => {
      const others = all.filter((move) => move.to === to && position.board[move.from]?.role === role);
      return position.board[from]?.role === role && others.length === count;
    });
    if (moves.length === 0) return undefined;
    const move = pickOne(random, moves);
    const isBoth = /^[QRBN][a-h][1-8]/.test(makeSan(position, move).replace('x', '').slice(0, -2));
    return isBoth === (level === 3) ? { fen: makeFen(position), move: makeMoveText(move) } : undefined;
  });
};
