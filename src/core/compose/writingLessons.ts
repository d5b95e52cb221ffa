/** Composers of notation: games played at random, one move of which is asked for. */
import { MAN_VALUES, SIDES, type Role, type Square } from '../board';
import {
  earnSign,
  EXERCISES,
  SIGN_DEPTHS,
  SIGNS,
  SMUDGE,
  type ExerciseTaskOf,
  type Level,
  type Scale,
  type Sign,
} from '../exercises';
import { makeFen, makeMoveText, makeSan, makeNumberedLine } from '../notation';
import type { FateTable } from '../proof';
import { toStoredFate } from '../puzzles';
import {
  findCaptured,
  isCheck,
  isSameMove,
  listLegalMoves,
  playMove,
  INITIAL_POSITION,
  type Move,
  type Position,
} from '../rules';
import { createFateSearch, type FateSearch } from '../search';
import { pickOne, randomBelow, type Random } from '../shared';
import { exchangeAfter } from '../tactics';
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

type RepairLineTask = ExerciseTaskOf<'repair-line'>;
/** Moves of the line that stand before the faulty one. */
const MOST_BEFORE = 5;

/** 1: number before letter. 2: a capture without x. 3: a check without its sign. 4: which of two men is not said. */
export const composeRepairLine: Composer<RepairLineTask> = (random, level) =>
  throwUntil(() => {
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

type GarbledTask = ExerciseTaskOf<'garbled-line'>;
const GARBLED_RECIPES: Recipes<{ smudges: number; least: number; most: number }> = {
  1: { smudges: 1, least: 4, most: 4 },
  2: { smudges: 1, least: 10, most: 22 },
  3: { smudges: 2, least: 14, most: 14 },
  4: { smudges: 2, least: 20, most: 80 },
};
/** Moves of the sheet that stand after the smudged one. */
const MOST_AFTER = 3;

/** 1: one sign, one move that fits. 2: one sign; what follows decides. 3: two signs. 4: two, and several moves look like it. */
export const composeGarbledLine: Composer<GarbledTask> = (random, level) => {
  const { smudges, least, most } = getRecipe(GARBLED_RECIPES, level);
  return throwUntil(() => {
    const line = playLine(random, 8 + randomBelow(random, 24));
    const at = 4 + randomBelow(random, Math.max(1, line.length - 4 - MOST_AFTER));
    const turn = line[at];
    const first = line[Math.max(0, at - MOST_BEFORE)];
    if (turn === undefined || first === undefined) return undefined;
    const san = makeSan(turn.position, turn.move);
    if (san.startsWith('O')) return undefined;
    const hidden = shuffle(
      random,
      Array.from(san, (_, index) => index),
    ).slice(0, smudges);
    const task = {
      fen: makeFen(turn.position),
      before: makeNumberedLine(
        first.position,
        line.slice(Math.max(0, at - MOST_BEFORE), at).map(({ move }) => move),
      ),
      garbled: Array.from(san, (sign, index) => (hidden.includes(index) ? SMUDGE : sign)).join(''),
      after: line.slice(at + 1, at + 1 + MOST_AFTER).map(({ position, move }) => makeSan(position, move)),
    };
    const family = EXERCISES['garbled-line'];
    return isWithin(family.measure(task), least, most) && family.isTask(task) ? task : undefined;
  });
};

/** Turns that are written down: 1 four, 2 eight, 3 fourteen. */
const SCORE_PLIES: Recipes<number> = { 1: 4, 2: 8, 3: 14 };

/** A short game from the beginning, longer from level to level. */
export const composeKeepScore: Composer<ExerciseTaskOf<'keep-score'>> = (random, level) => {
  const plies = getRecipe(SCORE_PLIES, level);
  return throwUntil(() => {
    const line = playLine(random, plies);
    if (line.length < plies) return undefined;
    return { fen: makeFen(INITIAL_POSITION), moves: line.map(({ move }) => makeMoveText(move)) };
  });
};

interface LineTurn {
  readonly position: Position;
  readonly move: Move;
}

/** Random moves from the beginning; captures a little oftener, so that there is something to write. */
function playLine(random: Random, plies: number): LineTurn[] {
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

type SignTask = ExerciseTaskOf<'signs'>;
const SIGN_RECIPES: Recipes<{ options: SignTask['options']; men: number }> = {
  1: { options: ['!', '?', '??', 'none'], men: 3 },
  2: { options: ['!', '?!', '?', '??', 'none'], men: 4 },
  3: { options: [...SIGNS], men: 4 },
};
/** A first look at every move, before the long ones. */
const FIRST_LOOK_PLIES = 3;
/** Positions the long look may visit: beyond them the board is thrown away. */
const MOST_LOOKED = 400_000;

/** 1: strong, bad, very bad or none of these. 2: and not quite good. 3: all signs. */
export const composeSigns: Composer<SignTask> = (random, level) => {
  const { options, men } = getRecipe(SIGN_RECIPES, level);
  // A man given up for something is rare: it is asked for less often, and either of the two signs will do.
  const isGift = options.some(isGiftSign) && random() < 0.2;
  const wanted = pickOne(
    random,
    options.filter((sign) => isGiftSign(sign) === isGift),
  );
  const isWanted = (sign: Sign) => sign === wanted || (isGift && isGiftSign(sign));
  return throwUntil(() => {
    const position = throwPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined || isCheck(position)) return undefined;
    const values = { ...MAN_VALUES, king: 0 } as const;
    const moves = listLegalMoves(position);
    const isGivenUp = (move: Move) => isLeftToBeTaken(position, move, values);
    // Before the long look: can this sign be earned at all?
    const gifts = moves.filter((move) => isGift && isForcing(position, move) && isGivenUp(move));
    if (moves.length < 6 || (isGift && gifts.length === 0)) return undefined;
    fates ??= createFateSearch();
    const first = fates.listFates(position, { plies: FIRST_LOOK_PLIES });
    const asked = shuffle(random, moves).find((move) => isWanted(earnFrom(first, move, isGivenUp(move))));
    if (asked === undefined) return undefined;
    const tables: FateTable[] = [];
    fates.listFates(position, { plies: Math.max(...SIGN_DEPTHS), budgetNodes: MOST_LOOKED }, (table) => {
      if (SIGN_DEPTHS.some((depth) => depth === table.seenPlies)) tables.push(table);
    });
    const evidence = tables.at(-1);
    const signs = tables.map((table) => earnFrom(table, asked, isGivenUp(asked)));
    const [sign] = signs;
    const isStable = signs.length === SIGN_DEPTHS.length && new Set(signs).size === 1;
    if (evidence === undefined || sign === undefined || !isStable || !isWanted(sign)) return undefined;
    const { own, other } = findOwnAndOther(evidence, asked);
    return { fen: makeFen(position), own, other, isGivenUp: isGivenUp(asked), options };
  });
};

/** The sign a move earns by a table of fates. */
function earnFrom(table: FateTable, move: Move, isGivenUp: boolean): Sign {
  return earnSign({ ...findOwnAndOther(table, move), isGivenUp });
}

/** The move and the best of the others, as they are stored. */
function findOwnAndOther({ moves }: FateTable, move: Move): Pick<SignTask, 'own' | 'other'> {
  const own = moves.find((one) => isSameMove(one.move, move));
  const other = moves.find((one) => one !== own);
  if (own === undefined || other === undefined) throw new Error('a table holds every legal move');
  return {
    own: { move: makeMoveText(own.move), fate: toStoredFate(own.fate) },
    other: { move: makeMoveText(other.move), fate: toStoredFate(other.fate) },
  };
}

function isGiftSign(sign: SignTask['options'][number]): boolean {
  return sign === '!!' || sign === '!?';
}

let fates: FateSearch | undefined;

/** Does it take something or give check? */
function isForcing(position: Position, move: Move): boolean {
  return findCaptured(position, move) !== undefined || isCheck(playMove(position, move));
}

/** What a gift costs at least: a pawn left to be taken, or one that becomes something, surprises nobody. */
const LEAST_GIFT = 2;

/** Can the man that moves be taken where it goes, for clearly more than it took? */
function isLeftToBeTaken(position: Position, move: Move, values: Scale): boolean {
  const taken = findCaptured(position, move);
  const after = playMove(position, move);
  const worst = listLegalMoves(after)
    .filter(({ to, promotion }) => to === move.to && promotion === undefined)
    .reduce((most, reply) => Math.max(most, exchangeAfter(after, reply, values).gain), 0);
  const given = worst - (taken === undefined ? 0 : values[taken.role]);
  return move.promotion === undefined && given >= LEAST_GIFT;
}
