import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { stateReasons, noCheckReasons, enoughMenReasons } from './shared/reasons';

export const words: MakeFamilyWords<'what-is-it'> = (terms) => ({
  name: 'What is on the board?',
  levels: ['Few pieces.', 'Six pieces.', 'Ten pieces.', 'Sixteen pieces.'],
  rule: `First: is the ${terms.one('king')} attacked? Then: is there any move at all?`,
  question: () => 'Look at the side to move. What is on the board?',
  options: {
    check: 'Check',
    mate: capital(terms.one('checkmate')),
    stalemate: capital(terms.one('stalemate')),
    dead: 'Too few pieces to mate: a draw',
    'goes-on': 'Nothing, the game goes on',
  },
  reasons: { ...stateReasons(terms), ...noCheckReasons(terms), ...enoughMenReasons(terms) },
});
