import type { MakeFamilyWords } from '../family';
import { countWords } from '../words';
import { targetWords, toldWords } from './shared/ways';
import { routeNotes } from './shared/routeNotes';

export const words: MakeFamilyWords<'route'> = (terms) => ({
  name: 'The shortest way',
  levels: [
    'Two moves.',
    'Three moves.',
    'Four moves, many pieces in the way.',
    'Five or six moves.',
    'Four moves; the whole way is shown before the piece moves.',
  ],
  rule: 'Think backwards: from which squares can your piece reach the target?',
  question: (question) =>
    `Move the ${terms.one(question.role)} to ${targetWords(question.targets)} in as few moves as you can.${toldWords(question)}`,
  count: (count) => `It can be done in ${countWords(count, 'move')}.`,
  notes: routeNotes(terms),
});
