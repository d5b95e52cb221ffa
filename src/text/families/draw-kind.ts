import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { storyText } from './shared/stories';
import { drawReasons } from './shared/reasons';

export const words: MakeFamilyWords<'draw-kind'> = (terms) => ({
  name: 'Which draw is it?',
  levels: ['The board shows it, or both agreed.', 'With repetition and fifty moves.', 'Near misses.'],
  rule: `${capital(terms.one('stalemate'))} is no move and no check. The same position three times: you may claim a draw. Fifty moves without a capture or ${terms.one('pawn')} move: you may too.`,
  question: (question) =>
    `${storyText(question.story, terms)} Which draw is it, or which draw can be claimed?`,
  options: {
    stalemate: capital(terms.one('stalemate')),
    dead: 'Too few pieces to mate: a draw',
    repetition: 'Three times the same position',
    'fifty-moves': `Fifty moves without a capture or ${terms.one('pawn')} move`,
    agreement: 'They agreed to a draw',
    'no-draw': 'No draw',
  },
  reasons: drawReasons(terms),
});
