import type { MakeFamilyWords } from '../family';
import { mateQuestion } from '../proof';
import { breakNotes, tooShortNotes } from './shared/lineNotes';

export const words: MakeFamilyWords<'whole-line'> = () => ({
  name: 'The whole line first',
  levels: ['Mate in two, few pieces.', 'Mate in two, more pieces.', 'Mate in three.'],
  rule: 'Work out every move first: yours, their best answer, yours. Touch nothing yet.',
  question: (question) =>
    `${mateQuestion(question.turn, question.moves)} Show the whole line for both sides first. The pieces will stay put.`,
  isTurnSaid: true,
  notes: {
    ...breakNotes,
    ...tooShortNotes,
    'lasts-longer': {
      text: ({ san, better }) => `${san} is not the best answer: ${better} holds out longer.`,
      mistake: 'forget the best defence',
    },
  },
});
