import { makeSquareName } from '@/core/board';
import type { QuestionOf } from '@/core/exercises';
import type { MakeFamilyWords } from '../family';
import { capital, type Terms } from '../terms';
import { SIDE_WORDS } from '../words';

function passingText(question: QuestionOf<'may-pass'>, terms: Terms): string {
  const other = SIDE_WORDS[question.turn === 'white' ? 'black' : 'white'];
  const step = `${other}'s ${terms.one('pawn')} went from ${makeSquareName(question.from)} to ${makeSquareName(question.to)}`;
  const when = question.isLate ? `${step} a move ago. Other moves came after that.` : `${step} just now.`;
  return `${when} May the ${terms.one('pawn')} on ${makeSquareName(question.pawn)} ${terms.one('capture')} it ${terms.one('in-passing')}?`;
}

export const words: MakeFamilyWords<'may-pass'> = (terms) => ({
  name: `${capital(terms.one('in-passing'))}?`,
  levels: [
    'Two steps or one?',
    'At once or too late?',
    'Beside it or not?',
    `It may leave the ${terms.one('king')} in check.`,
  ],
  rule: `Only at once. Their ${terms.one('pawn')} has just moved two steps. It is right beside yours.`,
  question: (question) => passingText(question, terms),
  options: {
    'may-take': 'Yes, it may',
    'single-step': 'No: that was one step only',
    'too-late': 'No: it is too late',
    'not-beside': `No: it did not pass this ${terms.one('pawn')}`,
    'king-in-check': `No: its own ${terms.one('king')} would be in check`,
  },
});
