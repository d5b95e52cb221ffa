import type { GameEnding } from '@/core/exercises';
import type { MakeFamilyWords } from '../family';
import type { Terms } from '../terms';
import { SIDE_WORDS } from '../words';

function endingText(ending: GameEnding, side: string, terms: Terms): string {
  switch (ending) {
    case 'mates':
      return `${side} gives ${terms.one('checkmate')}.`;
    case 'resigns':
      return `${side} resigns.`;
    case 'time-runs-out':
      return `${side}'s time runs out; the other side still has ${terms.a('queen')}.`;
    case 'stalemate':
      return `${side} is stalemated.`;
    case 'agreement':
      return 'Both agree to a draw.';
    case 'repetition':
      return `The same position is there for the third time, and ${side} claims the draw.`;
    case 'time-runs-out-bare-king':
      return `${side}'s time runs out, but the other side has only its ${terms.one('king')}.`;
    case 'still-playing':
      return 'The bell rings and the game is not over.';
  }
}

export const words: MakeFamilyWords<'result'> = (terms) => ({
  name: 'Write the result',
  levels: [
    'Mate, resignation, time.',
    'Draws.',
    `A bare ${terms.one('king')} when time runs out; games still going on.`,
  ],
  rule: 'White won: 1-0. Black won: 0-1. A draw: 1/2-1/2. Not over: *.',
  question: (question) => `${endingText(question.ending, SIDE_WORDS[question.side], terms)} What is written?`,
  options: (option) => (option === '1/2-1/2' ? '½-½' : option),
  reasons: {
    'result-is': () => 'The first number is what White gets, the second what Black gets.',
  },
});
