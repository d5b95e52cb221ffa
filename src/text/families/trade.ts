import type { Role } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import type { Terms } from '../terms';
import { listWords, countWords } from '../words';

/** "a rook", "a bishop and two pawns". */
function menWords(roles: readonly Role[], terms: Terms): string {
  const kinds = [...new Set(roles)];
  const numbers = ['', '', 'two', 'three', 'four'];
  return listWords(
    kinds.map((role) => {
      const count = roles.filter((other) => other === role).length;
      return count === 1 ? terms.a(role) : `${numbers[count] ?? count} ${terms.many(role)}`;
    }),
  );
}

export const words: MakeFamilyWords<'trade'> = (terms) => ({
  name: 'A good trade?',
  levels: ['One piece for one.', 'One piece for two.', 'Two pieces for two or three.'],
  rule: 'Count the points you give and the points you get.',
  question: (question) =>
    `You give ${menWords(question.given, terms)} and get ${menWords(question.taken, terms)}. How is that trade?`,
  options: { good: 'A good trade', even: 'An even trade', bad: 'A bad trade' },
  reasons: {
    'given-and-taken': ({ given, taken }) => `You give ${countWords(given, 'point')} and get ${taken}.`,
  },
});
