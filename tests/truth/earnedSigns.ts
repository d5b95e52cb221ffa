/** Which sign has a move earned? The fates of its own move and of the best other one by a plain search on chessops. */
import type { Chess } from 'chessops/chess';
import type { Color, Move } from 'chessops/types';
import { makeUci } from 'chessops/util';
import { options, type Accepts } from './accepts';
import { exchangeBy, findByText } from './chessBoard';
import { listMoves, openFast, playFast } from './forcedMates';

interface Told {
  readonly move: string;
  readonly fate: { readonly kind: string; readonly inMoves?: number; readonly gain?: number };
}
/** What a task about signs holds: the move that is asked about, and the best of the others. */
export interface SignFields {
  readonly fen: string;
  readonly own: Told;
  readonly other: Told;
}

const MATE = 10_000;
const VALUES = { pawn: 1, knight: 3, bishop: 3, rook: 5, queen: 9 } as const;
const KINDS = ['pawn', 'knight', 'bishop', 'rook', 'queen'] as const;
/** Half-moves that are tried. */
const DEPTHS = [4, 5, 6];

function balanceOf({ board }: Chess, side: Color): number {
  const white = KINDS.reduce(
    (sum, kind) =>
      sum + VALUES[kind] * (board.pieces('white', kind).size() - board.pieces('black', kind).size()),
    0,
  );
  return side === 'white' ? white : -white;
}

const isLoud = (position: Chess, move: Move) =>
  'from' in move &&
  (move.promotion !== undefined ||
    position.board.occupied.has(move.to) ||
    (position.epSquare === move.to && position.board.pawn.has(move.from)));

/** Checks that take nothing are followed for so many plies behind the depth, captures and ways out of check for so many. */
const CHECK_PLIES = 3;
const QUIET_PLIES = 24;

const keyOf = ({ board, turn }: Chess) =>
  [board.white, board.pawn, board.knight, board.bishop, board.rook, board.queen, board.king]
    .map(({ lo, hi }) => `${lo},${hi}`)
    .join() + turn;

/**
 * Worth for the side to move, within a window: so many plies with every move, then captures, promotions, checks and ways out of check;
 * material at the end, a mate sooner worth more, a draw none.
 */
function search(
  position: Chess,
  plies: number,
  path: readonly string[],
  least: number,
  most: number,
): number {
  const isCheck = position.isCheck();
  const key = keyOf(position);
  const moves = listMoves(position);
  if (moves.length === 0) return isCheck ? path.length - MATE : 0;
  if (position.isInsufficientMaterial() || path.includes(key)) return 0;
  if (plies <= -QUIET_PLIES) return balanceOf(position, position.turn);
  const isQuiet = plies <= 0 && !isCheck;
  let best = isQuiet ? balanceOf(position, position.turn) : -Infinity;
  if (best >= most) return best;
  const after = moves
    .map((move) => ({ isLoud: isLoud(position, move), next: playFast(position, move) }))
    .filter(({ isLoud: loud, next }) => !isQuiet || loud || (plies > -CHECK_PLIES && next.isCheck()))
    .sort((a, b) => Number(b.isLoud) - Number(a.isLoud));
  const onward = [...path, key];
  for (const { next } of after) {
    const value = -search(next, plies - 1, onward, -most, -Math.max(best, least));
    if (value > best) best = value;
    if (best >= most) break;
  }
  return best;
}

/** Points won against the balance now; a mate in so many moves is 1,000 less these, being mated the same below nought. */
function worthOf(value: number, balance: number): number {
  if (Math.abs(value) < MATE / 2) return value - balance;
  const moves = Math.ceil((MATE - Math.abs(value)) / 2);
  return Math.sign(value) * (1_000 - moves);
}

/** By the rule, from the fates that the task tells; they are not believed before a search of our own has come to the same sign. */
export function acceptSign(task: SignFields): Accepts {
  const told = signOf({
    mine: worthTold(task.own.fate),
    best: worthTold(task.other.fate),
    isGivenUp: isGivenUp(task),
  });
  let seen = '';
  for (const plies of DEPTHS) {
    seen = signSeen(task, plies);
    if (seen === told) return options([told]);
  }
  return options([seen]);
}

function worthTold(fate: Told['fate']): number {
  if (fate.kind === 'mates') return 1_000 - (fate.inMoves ?? 0);
  return fate.kind === 'mated' ? (fate.inMoves ?? 0) - 1_000 : (fate.gain ?? 0);
}

function signSeen({ fen, own }: SignFields, plies: number): string {
  const position = openFast(fen);
  const balance = balanceOf(position, position.turn);
  const moves = listMoves(position);
  const asked = moves.find((move) => makeUci(move) === own.move);
  if (asked === undefined) return 'no such move';
  const start = [keyOf(position)];
  const valueOf = (move: Move, least: number) =>
    -search(playFast(position, move), plies - 1, start, -Infinity, -least);
  const others = moves.filter((move) => move !== asked);
  return signOf({
    mine: worthOf(valueOf(asked, -Infinity), balance),
    best: worthOf(
      others.reduce((most, move) => Math.max(most, valueOf(move, most)), -Infinity),
      balance,
    ),
    isGivenUp: isGivenUp({ fen, own }),
  });
}

/** A piece that can be captured where it goes, for two points more than it took: a pawn, or what it becomes, is no piece given up. */
function isGivenUp({ fen, own }: Pick<SignFields, 'fen' | 'own'>): boolean {
  const played = findByText(fen, own.move);
  return played !== undefined && played.promotion === undefined && exchangeBy(played) <= -2;
}

/** The sign, by the borders that the question tells. */
function signOf({
  mine,
  best,
  isGivenUp: isGift,
}: {
  readonly mine: number;
  readonly best: number;
  readonly isGivenUp: boolean;
}): string {
  const isMated = mine < -500;
  if ((mine > 500 && best > 500) || mine === best) return isGift && !isMated ? '!?' : 'none';
  if (mine - best >= 2 && !isMated) return isGift ? '!!' : '!';
  if (best - mine >= 5) return '??';
  if (best - mine >= 2) return '?';
  return best - mine >= 1 && mine > -2 ? '?!' : 'none';
}
