/** The pawns-only game, in words. */
import type { Side } from '@/core/board';
import type { PawnEnd, PawnGoal } from '@/core/pawns';
import { capital, type Spoken, type Terms } from './terms';
import { SIDE_WORDS } from './words';

/** Whose move it is, and what wins. */
export const pawnQuestionText = (turn: Side, goal: PawnGoal, terms: Terms): Spoken =>
  `${SIDE_WORDS[turn]} to move. ${pawnGoalText(goal, terms)}` as Spoken;

/** What wins the game. */
export function pawnGoalText(goal: PawnGoal, terms: Terms): string {
  return goal === 'promotion'
    ? `Get ${terms.a('pawn')} to the last ${terms.one('rank')} first.`
    : 'Make the last move. Whoever cannot move loses.';
}

/** A rule of the pawns game, as its picture is called. */
export type PawnRule = 'steps' | 'captures' | PawnGoal;

export function pawnRuleText(rule: PawnRule, terms: Terms): string {
  switch (rule) {
    case 'steps':
      return `${capital(terms.a('pawn'))} moves one step. From its first square it may move two.`;
    case 'captures':
      return `${capital(terms.a('pawn'))} ${terms.many('capture')} diagonally.`;
    case 'promotion':
      return `First ${terms.one('pawn')} on the last ${terms.one('rank')} wins.`;
    case 'last-move':
      return 'Whoever makes the last move wins.';
  }
}

const pawnEndTexts = (terms: Terms) => ({
  'far-row': `${terms.a('pawn')} reached the last ${terms.one('rank')}`,
  'no-men-left': `the other side has no ${terms.many('pawn')} left`,
  'no-move': 'the side to move cannot move',
  mate: `it is ${terms.one('checkmate')}`,
  'quiet-moves': `only the ${terms.many('king')} have moved for a long time`,
});

/** "White has won: a pawn reached the last rank." */
export function pawnEndText({ winner, why }: PawnEnd, terms: Terms): Spoken {
  const who = winner === undefined ? 'Nobody has won' : `${SIDE_WORDS[winner]} has won`;
  return `${who}: ${pawnEndTexts(terms)[why]}.` as Spoken;
}
