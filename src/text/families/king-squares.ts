import type { MakeFamilyWords } from '../family';
import { besideKingNotes } from './shared/kingNotes';

export const words: MakeFamilyWords<'king-squares'> = (terms) => ({
  name: `The ${terms.one('king')}'s squares`,
  levels: [
    `Two pieces around the ${terms.one('king')}.`,
    `Its own pieces beside the ${terms.one('king')}.`,
    'More guards.',
    `Lines that go on through the ${terms.one('king')}.`,
  ],
  rule: `Look at each square beside the ${terms.one('king')}: is its own piece there? Does anybody guard it?`,
  question: (question) =>
    `Mark every square beside the ${question.turn} ${terms.one('king')}: free, own piece or guarded.`,
  options: { free: 'Free', 'own-man': 'Own piece', guarded: 'Guarded' },
  notes: besideKingNotes(terms),
});
