/**
 * What becomes of moves that were suggested for a position, in the groups in which a class looks at them. The groups come from the fate
 * table alone; a move the table does not hold yet is not said anything of. What is proved elsewhere outweighs what a table has seen.
 */
import { isSameMove, type Move } from '../rules';
import { compareFates, type Fate, type FateTable, type MoveFate } from './fate';

export const SUGGESTION_GROUPS = [
  /** Mates, and no move mates sooner. */
  'mates',
  /** Mates, later than it could. */
  'delays',
  'wins',
  /** A draw that is worth more than the board now. */
  'saves',
  /** Nothing won and nothing lost, as far as was seen. */
  'even',
  /** A draw that gains nothing. */
  'draws',
  'loses',
  'gets-mated',
  /** Not looked at yet, or no position in which that could be. */
  'open',
] as const;
export type SuggestionGroup = (typeof SUGGESTION_GROUPS)[number];

/** Which group a move falls into; `delay`: how many moves later than the soonest mate. */
export function groupSuggestion(
  table: FateTable | undefined,
  move: Move,
): { readonly group: SuggestionGroup; readonly fate: Fate | undefined; readonly delay: number } {
  const fate = table?.moves.find((one) => isSameMove(one.move, move))?.fate;
  const best = table?.moves[0]?.fate;
  const delay = fate?.kind === 'mates' && best?.kind === 'mates' ? fate.inMoves - best.inMoves : 0;
  return { group: groupOf(fate, delay), fate, delay };
}

/**
 * The table with what is proved elsewhere put first: a proof outweighs what was seen, and of two proofs the table's own stays. A move it
 * does not hold yet is added.
 */
export function putProofFirst(table: FateTable, proved: readonly MoveFate[]): FateTable {
  const isProved = ({ fate }: MoveFate) => fate.kind === 'mates' || fate.kind === 'mated';
  const other = (one: MoveFate) => proved.find(({ move }) => isSameMove(move, one.move));
  const added = proved.filter(({ move }) => !table.moves.some((one) => isSameMove(one.move, move)));
  const moves = table.moves.map((one) => (isProved(one) ? one : (other(one) ?? one)));
  return { ...table, moves: [...moves, ...added].sort((a, b) => compareFates(a.fate, b.fate)) };
}

function groupOf(fate: Fate | undefined, delay: number): SuggestionGroup {
  switch (fate?.kind) {
    case undefined:
      return 'open';
    case 'mates':
      return delay === 0 ? 'mates' : 'delays';
    case 'mated':
      return 'gets-mated';
    case 'draw':
      return fate.gain > 0 ? 'saves' : 'draws';
    case 'material':
      return fate.gain > 0 ? 'wins' : fate.gain < 0 ? 'loses' : 'even';
  }
}
