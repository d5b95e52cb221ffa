import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { storyText } from './shared/stories';
import { drawReasons, noCheckReasons } from './shared/reasons';

const RESULT_WORDS: Readonly<Record<string, string>> = {
  '1-0': '1-0, White has won',
  '0-1': '0-1, Black has won',
  '1/2-1/2': 'in a draw',
};

export const words: MakeFamilyWords<'why-stopped'> = (terms) => ({
  name: 'Why did they stop?',
  levels: [
    `Mate, ${terms.one('stalemate')}, resignation or agreement.`,
    'With repetition and fifty moves.',
    'Near misses.',
  ],
  rule: `Look at the board first: mate, ${terms.one('stalemate')}, too few pieces? Then read the story. If nothing ends the game, somebody resigned or both agreed.`,
  question: (question) =>
    `The game has ended ${RESULT_WORDS[question.result] ?? question.result}. ${storyText(question.story, terms)} Why did they stop here?`,
  options: {
    mate: capital(terms.one('checkmate')),
    resignation: 'Somebody resigned',
    stalemate: capital(terms.one('stalemate')),
    dead: 'Too few pieces to mate: a draw',
    repetition: 'Three times the same position',
    'fifty-moves': `Fifty moves without a capture or ${terms.one('pawn')} move`,
    agreement: 'They agreed to a draw',
  },
  reasons: {
    ...drawReasons(terms),
    ...noCheckReasons(terms),
    'is-a-draw': () => 'The game was a draw, so nobody resigned.',
    'has-a-winner': () => 'Somebody has won, so it was not a draw.',
  },
});
