import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { countWords } from '../words';
import { duelNotes } from './shared/routeNotes';

export const words: MakeFamilyWords<'route-answered'> = (terms) => ({
  name: 'A way past another piece',
  levels: [
    `Two moves, against ${terms.a('king')}.`,
    `Three moves, against ${terms.a('king')} or ${terms.one('knight')}.`,
    'Four moves and more.',
  ],
  rule: `Before you move, ask: where can the other piece go? Never stop where it can ${terms.one('capture')} you.`,
  question: (question) =>
    `Move the ${terms.one(question.role)} to ${makeSquareName(question.target)} in as few moves as you can. After each move the ${terms.one(question.answeringRole)} on ${makeSquareName(question.answering)} moves too.`,
  count: (count) => `It can be done in ${countWords(count, 'move')}.`,
  notes: duelNotes(terms),
});
