/** What a piece sees, in one look: for the class under the board, and for who reads by ear. */
import { makeSquareName, type Board, type Side, type Square } from '@/core/board';
import type { Safety, Sight } from '@/core/tactics';
import { capital, type Terms } from './terms';
import { listWords, SIDE_WORDS } from './words';

const squaresText = (squares: readonly Square[]) => listWords(squares.map(makeSquareName));

/** "Knight on f3: attacks e5, protects d4. Nobody attacks it. Protected from e2. Safe squares: 4, no loss in a trade: 1, lost: 2." */
export function sightText(board: Board, sight: Sight, terms: Terms): string {
  const man = board[sight.square];
  if (man === undefined) return '';
  const deeds = [
    sight.attacks.length === 0 ? '' : `attacks ${squaresText(sight.attacks)}`,
    sight.protects.length === 0 ? '' : `protects ${squaresText(sight.protects)}`,
  ].filter((deed) => deed !== '');
  const count = (safety: Safety) => sight.ways.filter((way) => way.safety === safety).length;
  return [
    `${capital(terms.one(man.role))} on ${makeSquareName(sight.square)}: ${deeds.length === 0 ? 'attacks and protects nothing' : deeds.join(', ')}.`,
    sight.attackers.length === 0 ? 'Nobody attacks it.' : `Attacked from ${squaresText(sight.attackers)}.`,
    sight.protectors.length === 0
      ? 'Nobody protects it.'
      : `Protected from ${squaresText(sight.protectors)}.`,
    `Safe squares: ${count('untouched')}, no loss in a trade: ${count('sound')}, lost: ${count('lost')}.`,
  ].join(' ');
}

/** "White attacks e5 and f7. Not protected: g4." */
export function armySightText(board: Board, side: Side, sights: readonly Sight[], terms: Terms): string {
  const attacked = [...new Set(sights.flatMap(({ attacks }) => attacks))].sort((a, b) => a - b);
  const loose = sights.filter(
    ({ square, protectors }) => protectors.length === 0 && board[square]?.role !== 'king',
  );
  return [
    `${SIDE_WORDS[side]} attacks ${attacked.length === 0 ? 'nothing' : squaresText(attacked)}.`,
    loose.length === 0
      ? `Everything but the ${terms.one('king')} is protected.`
      : `Not protected: ${squaresText(loose.map(({ square }) => square))}.`,
  ].join(' ');
}
