import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { stateReasons } from './shared/reasons';

export const words: MakeFamilyWords<'stalemating'> = (terms) => ({
  name: `Beware of ${terms.one('stalemate')}`,
  levels: ['Three moves, few pieces.', 'Four moves.', 'Five moves, more pieces.'],
  rule: `After the move: has the other ${terms.one('king')} a square? Can another piece move? Is it check?`,
  question: (question) =>
    `${SIDE_WORDS[question.turn]} to move. Which of these moves give ${terms.one('stalemate')}? Choose all.`,
  isTurnSaid: true,
  options: (option) => option,
  reasons: stateReasons(terms),
});
