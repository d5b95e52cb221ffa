/** Fates in words. What is proved is said plainly; what was only seen says how deep. */
import { opponentOf, ROLES, type Role, type Side } from '@/core/board';
import { parseMoveText } from '@/core/notation';
import type { ForcingKind } from '@/core/proof';
import { findCaptured, playMove, type Position } from '@/core/rules';
import { assertNever } from '@/core/shared';
import { countWords, listWords, SIDE_WORDS } from './words';
import type { Terms } from './terms';

/** What the words need of a fate, searched or stored. */
export type FateWords =
  | { readonly kind: 'mates' | 'mated'; readonly inMoves: number }
  | {
      readonly kind: 'draw';
      readonly why: 'stalemate' | 'dead' | 'fifty' | 'threefold';
      readonly gain: number;
      readonly seenPlies?: number | undefined;
    }
  | { readonly kind: 'material'; readonly gain: number; readonly seenPlies: number };

/** The kinds of forcing moves, as a coach calls them. */
export const FORCING_WORDS: Readonly<Record<ForcingKind, string>> = {
  checks: 'Checks',
  captures: 'Captures',
  threats: 'Quiet threats of mate',
};

const drawTexts = (terms: Terms) => ({
  stalemate: 'stalemate',
  dead: 'a position nobody can win',
  fifty: `fifty moves without capture or ${terms.one('pawn')} move`,
  threefold: 'the same position again and again',
});

/** "mates in 2 (proved)", "loses 3 (seen 4 plies deep)", "nothing found in 4 plies"; the side is the one that moves. */
export function fateText(mover: Side, fate: FateWords, terms: Terms): string {
  switch (fate.kind) {
    case 'mates':
      return `mates in ${fate.inMoves} (proved)`;
    case 'mated':
      return `${SIDE_WORDS[opponentOf(mover)]} mates in ${fate.inMoves} (proved)`;
    case 'draw': {
      const { gain, seenPlies } = fate;
      // An even game saves the side that is behind, and costs the one that is ahead.
      const worth =
        gain === 0 ? '' : `, ${Math.abs(gain)} ${gain > 0 ? 'better' : 'worse'} than the board now`;
      const known = seenPlies === undefined ? 'proved' : seenText(seenPlies);
      return `draw: ${drawTexts(terms)[fate.why]}${worth} (${known})`;
    }
    case 'material': {
      const { gain, seenPlies } = fate;
      // Nothing won and nothing lost so far is no proof that the move holds.
      if (gain === 0) return `nothing found in ${countWords(seenPlies, 'ply', 'plies')}`;
      return `${gain > 0 ? 'wins' : 'loses'} ${Math.abs(gain)} (${seenText(seenPlies)})`;
    }
    default:
      return assertNever(fate);
  }
}

/** "seen 4 plies deep". */
export function seenText(plies: number): string {
  return `seen ${countWords(plies, 'ply', 'plies')} deep`;
}

/** "You lose the queen and win a pawn": what is taken along the line that begins with the mover's move. */
export function takenText(position: Position, line: readonly string[], terms: Terms): string {
  const { lost, won } = takenWords(position, line, terms);
  if (lost === '') return '';
  return won === '' ? `You lose ${lost}.` : `You lose ${lost} and win ${won}.`;
}

/** Pieces captured along a line, by who loses them; like for like is crossed out, and empty is where nothing is left. */
export function takenWords(
  position: Position,
  line: readonly string[],
  terms: Terms,
): { readonly lost: string; readonly won: string } {
  const taken: Record<Side, Role[]> = { white: [], black: [] };
  let current = position;
  for (const text of line) {
    const move = parseMoveText(text);
    if (move === undefined) break;
    const man = findCaptured(current, move);
    if (man !== undefined) taken[man.side].push(man.role);
    current = playMove(current, move);
  }
  const [own, theirs] = [taken[position.turn], taken[opponentOf(position.turn)]];
  return { lost: menWords(crossOut(own, theirs), terms), won: menWords(crossOut(theirs, own), terms) };
}

/** What is left of one list when everything in the other takes its like out. */
function crossOut(roles: readonly Role[], others: readonly Role[]): Role[] {
  const left = [...others];
  return roles.filter((role) => {
    const at = left.indexOf(role);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
}

/** "a queen and two pawns", the dearest first. */
function menWords(roles: readonly Role[], terms: Terms): string {
  const counted = ROLES.toReversed().flatMap((role) => {
    const count = roles.filter((other) => other === role).length;
    if (count === 0) return [];
    return [count === 1 ? terms.a(role) : `${NUMBER_WORDS[count] ?? String(count)} ${terms.many(role)}`];
  });
  return listWords(counted);
}

const NUMBER_WORDS: Readonly<Record<number, string>> = { 2: 'two', 3: 'three', 4: 'four' };
