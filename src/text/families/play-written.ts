import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { notLegalNotes } from './shared/playNotes';

export const words: MakeFamilyWords<'play-written'> = (terms) => ({
  name: 'Play what is written',
  levels: [
    'A plain move.',
    'A capture.',
    'A check, or castling.',
    'Several signs at once.',
    'Two pieces can go there.',
  ],
  rule: `The letter tells you which piece, the square tells you where. No letter means ${terms.a('pawn')}.`,
  question: (question) => `${SIDE_WORDS[question.turn]} to move. Play ${question.san}.`,
  isTurnSaid: true,
  notes: {
    ...notLegalNotes,
    'move-not-meant': {
      text: ({ move, meant }) => `That was ${move}. You were asked to play ${meant}.`,
      mistake: 'play a different move from the written one',
    },
  },
});
