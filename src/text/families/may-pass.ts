import { makeSquareName } from '@/core/board';
import type { QuestionOf } from '@/core/exercises';
import type { MakeFamilyWords } from '../family';
import { capital, type Terms } from '../terms';
import { SIDE_WORDS } from '../words';
import { conditionReasons } from './shared/reasons';
import { manOn } from './shared/squares';

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
  reasons: {
    ...conditionReasons,
    'one-step': () => `The ${terms.one('pawn')} moved one square only.`,
    'two-steps': () => `The ${terms.one('pawn')} moved two squares.`,
    'just-now': () => `The ${terms.one('pawn')} has moved just now, so it is not too late.`,
    'only-at-once': () =>
      `${capital(terms.one('in-passing'))} is allowed only at once, on the very next move.`,
    'is-beside': () => `The two ${terms.many('pawn')} stand side by side.`,
    'is-not-beside': () => `The two ${terms.many('pawn')} do not stand side by side.`,
    'king-is-safe': () => `After the capture nobody attacks the ${terms.one('king')}.`,
    'king-would-be-attacked': ({ by, byRole }) =>
      `After the capture the ${manOn(byRole, by, terms)} attacks the ${terms.one('king')}.`,
  },
});
