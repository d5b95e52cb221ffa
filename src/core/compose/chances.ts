/**
 * What a game held. Question: where was a mate in n on the board, or could men be won or kept, and was it played?
 *
 * Mates are proved by complete search; what was played is measured by the same proof. Where no mate was, the fate of the move that was
 * played is held against the best fate there was, both seen to the same depth; less than two points are no news. In the middle of a
 * trade the balance swings: that something was won is told only where the outcome of the whole trade changed, that is where the side
 * that won it stands better than it would have stood had the other side played its best move just before.
 */
import { findBalance, MAN_VALUES } from '../board';
import { makeFen, makeMoveText } from '../notation';
import type { Chance, Fate, MoveFate, ProveResult } from '../proof';
import { isSameMove, listLegalMoves, playMove, type Move, type Position } from '../rules';
import type { MateSearch } from '../search';
import type { TaskSearches } from './mateTask';

type ProvedMate = Extract<ProveResult, { readonly kind: 'mate' }>;

/** A move of a game, in the position before it. */
export interface PlayedMove {
  /** Moves made before, both sides', from 0. */
  readonly ply: number;
  readonly position: Position;
  readonly move: Move;
  /** Where the other side moved just before; undefined at the beginning. */
  readonly before: Position | undefined;
}

/** The moves of a game one after another; each must be legal. */
export function* listPlayed(start: Position, moves: Iterable<Move>): Generator<PlayedMove> {
  let position = start;
  let before: Position | undefined;
  let ply = 0;
  for (const move of moves) {
    yield { ply, position, move, before };
    before = position;
    position = playMove(position, move);
    ply += 1;
  }
}

export interface ChanceLimits {
  /** The longest mate that is looked for, 1 to 5. */
  readonly maxMoves: number;
}

/** Positions for the mates of one place, and for the fates of all its moves. */
const MATE_NODES = 300_000;
const FATE_NODES = 400_000;
/** Plies seen: the move, the answer, one more of each, and what is taken after that. */
const FATE_PLIES = 4;
/** Less than this is no chance. */
const LEAST_POINTS = 2;

/** The chance at one place of a game; undefined where there was none, or none that was decided in the limits. */
export function findChance(
  searches: TaskSearches,
  { ply, position, move: played, before }: PlayedMove,
  { maxMoves }: ChanceLimits,
): Chance | undefined {
  const { mate, fate } = searches;
  const home: Position = { ...position, halfmoves: 0, fullmoves: 1 };
  if (listLegalMoves(home).length < 2) return undefined;
  const place = { ply, fen: makeFen(home), played: makeMoveText(played) };
  const proved = mate.prove(home, { maxMoves, budgetNodes: MATE_NODES });
  if (proved.kind === 'mate') {
    const became = tellMate(mate, home, played, proved, maxMoves);
    return (
      became && {
        kind: 'mate',
        ...place,
        line: proved.line.map(makeMoveText),
        mateInMoves: proved.mateInMoves,
        became,
      }
    );
  }
  const { moves, seenPlies } = fate.listFates(home, { plies: FATE_PLIES, budgetNodes: FATE_NODES });
  const made = moves.find(({ move }) => isSameMove(move, played));
  const [best] = moves;
  const chance = made && best && compare(place, best, made, seenPlies);
  return chance?.kind === 'gain' && chance.became === 'played'
    ? countWholeTrade(searches, chance, home, before)
    : chance;
}

/** What was won, held against where its side stood before the other side's last move; undefined where that gave it nothing. */
function countWholeTrade(
  { fate }: TaskSearches,
  chance: Extract<Chance, { readonly kind: 'gain' }>,
  home: Position,
  before: Position | undefined,
): Chance | undefined {
  if (before === undefined) return chance;
  const theirs = { ...before, halfmoves: 0, fullmoves: 1 };
  const best = fate.listFates(theirs, { plies: FATE_PLIES, budgetNodes: FATE_NODES }).moves[0]?.fate;
  // A mate that was let go just before is told by itself, and where it is mated anyway nobody asks for points.
  if (best === undefined || best.kind === 'mated' || best.kind === 'mates') return undefined;
  const now = findBalance(home.board, home.turn, MAN_VALUES) + chance.points;
  const expected = -(findBalance(theirs.board, theirs.turn, MAN_VALUES) + best.gain);
  const points = Math.round((now - expected) * 100) / 100;
  return points < LEAST_POINTS ? undefined : { ...chance, points: Math.min(points, chance.points) };
}

/** Undefined where it was not decided in the limits what became of the mate. */
function tellMate(
  mate: MateSearch,
  home: Position,
  played: Move,
  { keys, areAllKeys, mateInMoves }: ProvedMate,
  maxMoves: number,
): 'played' | 'slower' | 'missed' | undefined {
  if (keys.some((move) => isSameMove(move, played))) return 'played';
  const isMatedIn = (moves: number) =>
    mate.within(
      MATE_NODES,
      () => 'go',
      () => mate.isLost(playMove(home, played), moves),
    );
  // Where the proof ended before it had looked at every first move, this one may be a key as well.
  const isKey = areAllKeys ? false : isMatedIn(mateInMoves - 1);
  if (isKey !== false) return isKey && 'played';
  const isSlower = isMatedIn(maxMoves - 1);
  return isSlower === undefined ? undefined : isSlower ? 'slower' : 'missed';
}

function compare(
  place: Pick<Chance, 'ply' | 'fen' | 'played'>,
  { fate: best }: MoveFate,
  { fate: made }: MoveFate,
  seenPlies: number,
): Chance | undefined {
  const lineOf = ({ line }: Fate) => line.map(makeMoveText);
  // A longer mate than was asked for is no chance a child could have had, and where every move is mated none is to blame.
  if (made.kind === 'mates' || best.kind === 'mates' || best.kind === 'mated' || seenPlies === 0)
    return undefined;
  if (made.kind === 'mated') {
    return { kind: 'mated', ...place, line: lineOf(made), inMoves: made.inMoves, seenPlies };
  }
  // A draw on the board needs no depth. Where the budget ended between the two, they cannot be held against each other.
  const [depth = seenPlies, ...others] = [best, made].flatMap((fate) => fate.seenPlies ?? []);
  if (others.some((other) => other !== depth)) return undefined;
  const points = best.gain - made.gain;
  const isWinning = best.gain >= LEAST_POINTS;
  if (points < LEAST_POINTS) {
    return isWinning && made.gain >= LEAST_POINTS
      ? { kind: 'gain', ...place, line: lineOf(made), points: made.gain, became: 'played', seenPlies: depth }
      : undefined;
  }
  return isWinning
    ? { kind: 'gain', ...place, line: lineOf(best), points, became: 'missed', seenPlies: depth }
    : { kind: 'loss', ...place, line: lineOf(made), points, seenPlies: depth };
}
