import type { QuestionOf } from '@/core/exercises';
import type { MakeFamilyWords } from '../family';
import { capital, type Terms } from '../terms';
import { SIDE_WORDS } from '../words';
import { conditionReasons, guardsReasons, nothingDoesReasons } from './shared/reasons';
import { squareList } from './shared/squares';

const movedTexts = (terms: Terms) => ({
  nobody: `${capital(terms.one('king'))} and ${terms.many('rook')} have not moved.`,
  king: `The ${terms.one('king')} has moved once and come back.`,
  rook: `The ${terms.one('rook')} on this side has moved once and come back.`,
  'other-rook': `The ${terms.one('rook')} on the other side has moved.`,
});

function castlingText(question: QuestionOf<'may-castle'>, terms: Terms): string {
  const side = SIDE_WORDS[question.turn];
  const before = question.wasInCheck ? ` The ${terms.one('king')} was in check some moves ago.` : '';
  return `${movedTexts(terms)[question.hasMoved]}${before} May ${side} ${terms.one('castle')} ${question.wing} now?`;
}

export const words: MakeFamilyWords<'may-castle'> = (terms) => ({
  name: `May the ${terms.one('king')} ${terms.one('castle')}?`,
  levels: [
    `Is the way clear? Has the ${terms.one('king')} or ${terms.one('rook')} moved?`,
    'In check or not.',
    'Attacked squares on the way.',
    'Also things that do not matter.',
  ],
  rule: `${capital(terms.one('king'))} and ${terms.one('rook')} have not moved. Nothing is between them. The ${terms.one('king')} is not in check. It crosses no attacked square and lands on none.`,
  question: (question) => castlingText(question, terms),
  options: {
    'may-castle': 'Yes, it may',
    'has-moved': `No: ${terms.one('king')} or ${terms.one('rook')} has moved`,
    'in-the-way': 'No: a piece is in the way',
    'in-check': `No: the ${terms.one('king')} is in check`,
    'passes-attack': 'No: it passes an attacked square',
    'lands-in-check': 'No: it would land in check',
  },
  reasons: {
    ...conditionReasons,
    ...guardsReasons,
    ...nothingDoesReasons,
    'has-moved': () =>
      `${capital(terms.a('king'))} or ${terms.one('rook')} that has moved can't ${terms.one('castle')}.`,
    'does-not-matter': () => 'That does not matter here.',
    'in-the-way': ({ squares }) =>
      `${squares.length === 1 ? 'A piece is' : 'Pieces are'} in the way on ${squareList(squares)}.`,
  },
});
