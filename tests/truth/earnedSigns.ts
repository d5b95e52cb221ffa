/**
 * Which sign has a move earned? The fates of its own move and of the best other one by a plain search on chessops: so many half-moves, then
 * captures and promotions until nobody wants any; mates and draws as the laws have them.
 */
import type { Chess } from 'chessops/chess';
import type { Color, Move } from 'chessops/types';
import { makeUci } from 'chessops/util';
import { options, type Accepts } from './accepts';
import { exchangeBy, findByText } from './chessBoard';
import { listMoves, openFast, playFast } from './forcedMates';
import type { TaskFields } from './notes';

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
  (move.promotion === 'queen' ||
    (move.promotion === undefined && position.board.occupied.has(move.to)) ||
    (position.epSquare === move.to && position.board.pawn.has(move.from)));

/** Worth for the side to move, within a window: material at the end, a mate sooner worth more, a draw none. */
function search(position: Chess, plies: number, ply: number, least: number, most: number): number {
  const isCheck = position.isCheck();
  const moves = listMoves(position);
  if (moves.length === 0) return isCheck ? ply - MATE : 0;
  if (position.isInsufficientMaterial()) return 0;
  const isQuiet = plies <= 0 && !isCheck;
  let best = isQuiet ? balanceOf(position, position.turn) : -Infinity;
  // A check at the end is answered, but not for ever.
  if (plies <= -8) return balanceOf(position, position.turn);
  if (best >= most) return best;
  const pool = isQuiet ? moves.filter((move) => isLoud(position, move)) : moves;
  pool.sort((a, b) => Number(isLoud(position, b)) - Number(isLoud(position, a)));
  for (const move of pool) {
    const value = -search(playFast(position, move), plies - 1, ply + 1, -most, -Math.max(best, least));
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

/** The sign that two depths in a row agree on; undefined where none do, for then a little more depth decides. */
function earnedSign(task: Pick<TaskFields, 'fen' | 'own'>): string | undefined {
  let before: string | undefined;
  for (const plies of DEPTHS) {
    const sign = signSeen(task, plies);
    if (sign === before) return sign;
    before = sign;
  }
  return undefined;
}

/** The sign, by the borders that the question tells. */
function signSeen({ fen, own }: Pick<TaskFields, 'fen' | 'own'>, plies: number): string {
  const position = openFast(fen);
  const balance = balanceOf(position, position.turn);
  const moves = listMoves(position);
  const asked = moves.find((move) => makeUci(move) === own.move);
  if (asked === undefined) return 'no such move';
  const valueOf = (move: Move, least: number) =>
    -search(playFast(position, move), plies - 1, 1, -Infinity, -least);
  const mine = worthOf(valueOf(asked, -Infinity), balance);
  const others = moves.filter((move) => move !== asked);
  const best = worthOf(
    others.reduce((most, move) => Math.max(most, valueOf(move, most)), -Infinity),
    balance,
  );
  const played = findByText(fen, own.move);
  const isGivenUp = played !== undefined && played.piece !== 'k' && exchangeBy(played) < 0;
  const isMated = mine < -500;
  if ((mine > 500 && best > 500) || mine === best) return isGivenUp && !isMated ? '!?' : 'none';
  if (mine - best >= 2 && !isMated) return isGivenUp ? '!!' : '!';
  if (best - mine >= 5) return '??';
  if (best - mine >= 2) return '?';
  return best - mine >= 1 && mine > -2 ? '?!' : 'none';
}

export function acceptSign(task: TaskFields): Accepts {
  const sign = earnedSign(task);
  return sign === undefined ? () => undefined : options([sign]);
}
