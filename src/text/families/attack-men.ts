import type { AttackAnswer } from '@/core/tactics';
import type { MakeFamilyWords } from '../family';
import { capital, type Terms } from '../terms';
import { attackText } from './shared/attacks';

const attackTasks = (terms: Terms): Readonly<Record<AttackAnswer, string>> => ({
  take: `Tap every piece that can ${terms.one('capture')} the attacker and loses nothing.`,
  'go-away': 'Tap every square where your piece is safe.',
  protect: 'Tap every piece that can move to protect it.',
  'put-between': 'Tap every piece that can go between.',
  'open-line': 'Tap every piece that can step aside so that another one protects it.',
  'free-guard': 'Tap every piece that can free a pinned protector.',
  pin: `Tap every piece that can pin the attacker to its ${terms.one('king')}.`,
  counter: 'Tap every piece that can attack something as big.',
  'in-between': 'Tap every piece that can give check or threaten mate first.',
});

export const words: MakeFamilyWords<'attack-men'> = (terms) => ({
  name: 'Who answers the attack?',
  levels: [
    `${capital(terms.one('capture'))} it or go away.`,
    'Protect.',
    'Put something between.',
    'Pin, open a line, attack back, move in between.',
  ],
  rule: 'Try your pieces one by one. After the move: can your piece still be won? Can the piece that moved be won?',
  question: (question) => `${attackText(question, terms)} ${attackTasks(terms)[question.answer]}`,
});
