import { makeSquareName } from '@/core/board';
import type { AttackAnswer } from '@/core/tactics';
import type { MakeFamilyWords } from '../family';
import { capital, type Terms } from '../terms';
import { attackText } from './shared/attacks';
import { nobodyThereNotes } from './shared/squareNotes';
import { notReachedNotes } from './shared/reachNotes';

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

const cannotTexts = (terms: Terms): Readonly<Record<AttackAnswer, string>> => ({
  take: `cannot ${terms.one('capture')} the attacker`,
  'go-away': 'is not the piece under attack',
  protect: 'cannot go where it protects',
  'put-between': 'cannot go between them',
  'open-line': 'opens no line for a protector',
  'free-guard': 'frees no pinned protector',
  pin: 'cannot pin the attacker',
  counter: 'cannot attack anything as big',
  'in-between': 'has no check and no threat of mate',
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
  notes: {
    ...nobodyThereNotes,
    ...notReachedNotes(terms),
    'not-your-man': {
      text: ({ square }) => `${makeSquareName(square)}: that piece is theirs.`,
      mistake: 'mark a piece of the other side',
    },
    'can-answer': {
      text: ({ square, move }) => `${makeSquareName(square)}: ${move} does it.`,
      mistake: 'overlook an answer to the attack',
    },
    'cannot-answer': {
      text: ({ square, role, answer }) =>
        `${makeSquareName(square)}: the ${terms.one(role)} ${cannotTexts(terms)[answer]}.`,
      mistake: 'choose a piece that cannot help',
    },
    'answers-otherwise': {
      text: ({ square, role, move }) =>
        `${makeSquareName(square)}: the ${terms.one(role)} can help with ${move}, but not in this way.`,
      mistake: 'mix up the ways to answer an attack',
    },
    'move-is-lost': {
      text: ({ square, move, moves }) =>
        `${makeSquareName(square)}: ${move} is answered by ${moves.join(', ')}. That loses something.`,
      mistake: 'choose an answer to an attack that loses something',
    },
  },
});
