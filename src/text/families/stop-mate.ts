import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { notLegalNotes } from './shared/playNotes';

export const words: MakeFamilyWords<'stop-mate'> = (terms) => ({
  name: 'Stop the mate',
  levels: ['Many moves help.', 'Few moves help.', 'Hardly a move helps.'],
  rule: `Find the mate they threaten. Then guard the square, make room for the ${terms.one('king')}, or ${terms.one('capture')} the piece.`,
  question: (question) =>
    `${SIDE_WORDS[question.turn]} to move. Your opponent threatens mate. Play a move that stops it.`,
  isTurnSaid: true,
  notes: {
    ...notLegalNotes,
    'still-mates': { text: ({ move }) => `Now ${move} mates.`, mistake: 'let the mate happen' },
  },
});
