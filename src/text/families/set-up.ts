import type { Side } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { capital, type Terms } from '../terms';
import { SIDE_WORDS } from '../words';
import { placedNotes } from './shared/placedNotes';

function setUpText(side: Side | undefined, areOfficersOnly: boolean, terms: Terms): string {
  if (side !== undefined) {
    return areOfficersOnly
      ? `The ${terms.many('pawn')} are there. Put ${SIDE_WORDS[side]}'s pieces behind them.`
      : `Set up ${SIDE_WORDS[side]}'s army.`;
  }
  return areOfficersOnly
    ? `The ${terms.many('pawn')} are there. Put the pieces of both armies behind them.`
    : 'Set up the whole board.';
}

export const words: MakeFamilyWords<'set-up'> = (terms) => ({
  name: 'Set up the board',
  levels: [
    `The pieces of one army; its ${terms.many('pawn')} are in place.`,
    'One whole army.',
    'The pieces of both armies.',
    "The whole board, from Black's side.",
  ],
  rule: `${capital(terms.many('rook'))} in the corners, then ${terms.many('knight')}, then ${terms.many('bishop')}. The ${terms.one('queen')} starts on her own colour, the ${terms.one('king')} beside her. ${capital(terms.many('pawn'))} go in front.`,
  question: (question) =>
    setUpText(question.sides.length === 2 ? undefined : question.sides[0], question.areOfficersOnly, terms),
  notes: placedNotes(terms),
});
