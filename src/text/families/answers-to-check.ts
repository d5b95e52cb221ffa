import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { stateReasons, movesDoReasons, nothingDoesReasons } from './shared/reasons';

export const words: MakeFamilyWords<'answers-to-check'> = (terms) => ({
  name: 'Answers to check',
  levels: ['Few pieces.', 'Eight pieces.', 'Thirteen pieces.', 'A full board.'],
  rule: `Three answers: ${terms.one('go-away')}, ${terms.one('take')}, ${terms.one('put-between')}.`,
  question: () => 'Check! Which answers are there? Choose all of them.',
  options: {
    'go-away': capital(terms.one('go-away')),
    take: capital(terms.one('take')),
    'put-between': capital(terms.one('put-between')),
    none: 'None: it is mate',
  },
  reasons: { ...stateReasons(terms), ...movesDoReasons, ...nothingDoesReasons },
});
