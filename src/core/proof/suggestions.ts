/**
 * What becomes of moves that were suggested for a position, in the groups in which a class looks at them. The groups come from the fate
 * table alone; a move the table does not hold yet is not said anything of.
 */
import { isSameMove, type Move } from '../rules';
import type { Fate, FateTable } from './fate';

export const SUGGESTION_GROUPS = [
  /** Mates, and no move mates sooner. */
  'mates',
  /** Mates, later than it could. */
  'delays',
  'wins',
  'holds',
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

function groupOf(fate: Fate | undefined, delay: number): SuggestionGroup {
  switch (fate?.kind) {
    case undefined:
      return 'open';
    case 'mates':
      return delay === 0 ? 'mates' : 'delays';
    case 'mated':
      return 'gets-mated';
    case 'draw':
      return 'draws';
    case 'material':
      return fate.gain > 0 ? 'wins' : fate.gain < 0 ? 'loses' : 'holds';
  }
}
