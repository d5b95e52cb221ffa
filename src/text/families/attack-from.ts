import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';

export const words: MakeFamilyWords<'attack-from'> = (terms) => ({
  name: 'Attack it safely',
  levels: [
    `${capital(terms.a('rook'))} or ${terms.one('bishop')} and its target.`,
    'Two pieces guard squares.',
    `${capital(terms.a('knight'))}, ${terms.one('bishop')} or ${terms.one('queen')}; four pieces guard squares.`,
    'A full board.',
  ],
  rule: 'Go there in your head. Do you attack the target from there? Does anybody attack you?',
  question: (question) =>
    `The ${terms.one(question.role)} makes one move. Tap every square where it then attacks ${makeSquareName(question.target)} and nobody can ${terms.one('capture')} it.`,
});
