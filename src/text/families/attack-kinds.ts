import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { attackText } from './shared/attacks';
import { movesDoReasons, nothingDoesReasons } from './shared/reasons';

export const words: MakeFamilyWords<'attack-kinds'> = (terms) => ({
  name: 'Ways to answer an attack',
  levels: ['Few pieces.', 'Twelve pieces.', 'Sixteen pieces.', 'Eighteen pieces and more kinds of answer.'],
  rule: `Go through them all. ${capital(terms.one('capture'))}, go away or protect. Put something between. Open a line or free a protector. Pin, attack back or check first.`,
  question: (question) => `${attackText(question, terms)} Which answers are there? Choose all.`,
  options: {
    take: `${capital(terms.one('capture'))} the attacker`,
    'go-away': 'Move away',
    protect: 'Protect it',
    'put-between': 'Go in between',
    'open-line': 'Step aside, so that another protects it',
    'free-guard': 'Free a pinned protector',
    pin: 'Pin the attacker',
    counter: 'Attack something as big',
    'in-between': 'Check or threaten mate first',
  },
  reasons: {
    ...movesDoReasons,
    ...nothingDoesReasons,
    'but-then': ({ moves }) => `${moves.join(', ')}: that loses something.`,
  },
});
