import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { seenFromWords } from './shared/squares';

export const words: MakeFamilyWords<'name-line'> = (terms) => ({
  name: 'Name the line',
  levels: [
    `${capital(terms.one('file'))}, ${terms.one('rank')} or ${terms.one('diagonal')}?`,
    'Which one?',
    "Which one, from Black's side?",
    'Which one, without letters and numbers?',
  ],
  rule: `${capital(terms.many('file'))} go up and have letters. ${capital(terms.many('rank'))} go across and have numbers. ${capital(terms.many('diagonal'))} go one ${terms.one('file')} and one ${terms.one('rank')} at a time.`,
  question: (question) => {
    switch (question.code) {
      case 'which-kind-of-line':
        return 'What kind of line is marked?';
      case 'which-line':
        return `${seenFromWords(question)}Which line is marked?`;
    }
  },
  options: (option) => {
    const [kind = '', first, last] = option.split('-');
    if (first === undefined)
      return kind === 'file'
        ? capital(terms.a('file'))
        : kind === 'rank'
          ? capital(terms.a('rank'))
          : capital(terms.a('diagonal'));
    if (kind === 'file') return `The ${first}-${terms.one('file')}`;
    return kind === 'rank'
      ? `${capital(terms.one('rank'))} ${first}`
      : `The ${terms.one('diagonal')} ${first} to ${last ?? ''}`;
  },
  reasons: {
    'lies-on': ({ squares }) =>
      `The line goes from ${makeSquareName(squares[0] ?? 0)} to ${makeSquareName(squares.at(-1) ?? 0)}.`,
  },
});
