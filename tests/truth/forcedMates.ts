/** Forced mates by trying everything, on chessops (a reference library of the rules) for speed; and the habits of thinking them out. */
import { Chess } from 'chessops/chess';
import { parseFen } from 'chessops/fen';
import type { Move } from 'chessops/types';
import { movesOf } from './chessBoard';
import type { Accepts } from './accepts';
import type { TaskFields } from './notes';
import { squareOf } from './plainBoard';

const PROMOTIONS = ['queen', 'rook', 'bishop', 'knight'] as const;

export const openFast = (fen: string): Chess => Chess.fromSetup(parseFen(fen).unwrap()).unwrap();

export function listMoves(position: Chess): Move[] {
  const moves: Move[] = [];
  for (const [from, targets] of position.allDests()) {
    const isPawn = position.board.pawn.has(from);
    for (const to of targets) {
      if (isPawn && (to < 8 || to > 55))
        for (const promotion of PROMOTIONS) moves.push({ from, to, promotion });
      else moves.push({ from, to });
    }
  }
  return moves;
}

export function playFast(position: Chess, move: Move): Chess {
  const after = position.clone();
  after.play(move);
  return after;
}

function canMate(position: Chess, moves: number): boolean {
  const after = listMoves(position).map((move) => playFast(position, move));
  if (after.some((next) => next.isCheckmate())) return true;
  if (moves < 2) return false;
  // Checks first: most mates begin with one.
  after.sort((a, b) => Number(b.isCheck()) - Number(a.isCheck()));
  return after.some((next) => mustBeMatedFast(next, moves - 1));
}

function mustBeMatedFast(position: Chess, moves: number): boolean {
  const replies = listMoves(position);
  if (replies.length === 0) return position.isCheck();
  return moves > 0 && replies.every((reply) => canMate(playFast(position, reply), moves));
}

const known = new Map<string, boolean>();
function remember(question: string, answer: () => boolean): boolean {
  const before = known.get(question);
  if (before !== undefined) return before;
  if (known.size > 50_000) known.clear();
  const found = answer();
  known.set(question, found);
  return found;
}

/** Is it mate in so many moves, by trying everything? For up to three. */
export const canMateIn = (fen: string, moves: number) =>
  remember(`can ${moves} ${fen}`, () => canMate(openFast(fen), moves));

/** Whatever is played, is it mate within so many moves of the other side? */
export const mustBeMated = (fen: string, moves: number) =>
  remember(`must ${moves} ${fen}`, () => mustBeMatedFast(openFast(fen), moves));

type Played = ReturnType<typeof movesOf>[number];

/** The right moves of the mating side where it mates in exactly so many. */
const keysOf = (fen: string, moves: number) =>
  movesOf(fen).filter(({ after }) => mustBeMated(after, moves - 1));
/** The replies that put the mate off longest, where it takes so many more. */
const longestOf = (fen: string, left: number) =>
  movesOf(fen).filter(({ after }) => left === 1 || !canMateIn(after, left - 1));

/** A mate thought out before it is played: its last square, its moves of both sides, its own moves in their order. */
export function acceptHabit(
  id: 'last-square' | 'whole-line' | 'right-order',
  { fen, mateInMoves, count }: TaskFields,
): Accepts {
  // With useless blocks left out it is another count, that trying everything does not know.
  if (count === 'no-blocks') return () => undefined;
  if (id === 'last-square') {
    const ends = listEnds(fen, mateInMoves);
    return (answer) =>
      answer.kind === 'tap' && answer.marks.length === 1 && ends.has(answer.marks[0]?.square ?? -1);
  }
  if (id === 'whole-line')
    return (answer) => answer.kind === 'play' && isWholeLine(fen, mateInMoves, answer.moves);
  return (answer) => (answer.kind === 'choose' ? doesOrderHold(fen, mateInMoves, answer.options) : false);
}

function listEnds(fen: string, moves: number): Set<number> {
  const keys = keysOf(fen, moves);
  if (moves === 1) return new Set(keys.map(({ to }) => squareOf(to)));
  return new Set(
    keys.flatMap((key) =>
      longestOf(key.after, moves - 1).flatMap((reply) => [...listEnds(reply.after, moves - 1)]),
    ),
  );
}

function isWholeLine(fen: string, moves: number, [own, reply, ...rest]: readonly string[]): boolean {
  const key = keysOf(fen, moves).find(({ lan }) => lan === own);
  if (key === undefined) return false;
  if (moves === 1) return reply === undefined;
  const longest = longestOf(key.after, moves - 1).find(({ lan }) => lan === reply);
  return longest !== undefined && isWholeLine(longest.after, moves - 1, rest);
}

/** Against every longest defence, against none, or (undefined) against some: then it depends on what is answered. */
function doesOrderHold(fen: string, moves: number, [own, ...rest]: readonly string[]): boolean | undefined {
  const bare = (move: Played) => move.san.replace(/[+#]$/, '');
  const key = keysOf(fen, moves).find((move) => bare(move) === own);
  if (key === undefined) return false;
  if (moves === 1) return rest.length === 0;
  const results = longestOf(key.after, moves - 1).map((reply) => doesOrderHold(reply.after, moves - 1, rest));
  if (results.every((result) => result === true)) return true;
  return results.every((result) => result === false) ? false : undefined;
}
