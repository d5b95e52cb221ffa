/**
 * What a game held. Question: where was a mate in n on the board, or could men be won or kept, and was it played?
 *
 * Mates are proved by complete search; what was played is measured by the same proof. Where no mate was, the fate of the move that was
 * played is held against the best fate there was, both seen to the same depth; less than two points are no news. What was done as well as
 * it could be is told of mates alone: every good recapture would be a chance taken.
 */
import { makeFen, makeMoveText } from '../notation';
import type { Chance, Fate, MoveFate } from '../proof';
import { isSameMove, listLegalMoves, playMove, type Move, type Position } from '../rules';
import type { TaskSearches } from './mateTask';

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
  { mate, fate }: TaskSearches,
  position: Position,
  played: Move,
  ply: number,
  { maxMoves }: ChanceLimits,
): Chance | undefined {
  const home: Position = { ...position, halfmoves: 0, fullmoves: 1 };
  if (listLegalMoves(home).length < 2) return undefined;
  const place = { ply, fen: makeFen(home), played: makeMoveText(played) };
  const proved = mate.prove(home, { maxMoves, budgetNodes: MATE_NODES });
  if (proved.kind === 'mate') {
    const isKey = proved.keys.some((move) => isSameMove(move, played));
    const isSlower = isKey
      ? false
      : mate.within(
          MATE_NODES,
          () => 'go',
          () => mate.isLost(playMove(home, played), maxMoves - 1),
        );
    // What became of it is not known, so nothing is said.
    if (isSlower === undefined) return undefined;
    return {
      kind: 'mate',
      ...place,
      line: proved.line.map(makeMoveText),
      mateInMoves: proved.mateInMoves,
      became: isKey ? 'played' : isSlower ? 'slower' : 'missed',
    };
  }
  const { moves, seenPlies } = fate.listFates(home, { plies: FATE_PLIES, budgetNodes: FATE_NODES });
  const made = moves.find(({ move }) => isSameMove(move, played));
  const [best] = moves;
  return made && best && compare(place, best, made, seenPlies);
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
  const points = best.gain - made.gain;
  if (points < LEAST_POINTS) return undefined;
  return best.gain >= LEAST_POINTS
    ? { kind: 'gain', ...place, line: lineOf(best), points, seenPlies }
    : { kind: 'loss', ...place, line: lineOf(made), points, seenPlies };
}
