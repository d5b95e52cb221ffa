import type { MakeFamilyWords } from '../family';
import { countWords } from '../words';
import { targetWords, toldWords } from './shared/ways';
import { routeNotes } from './shared/routeNotes';

export const words: MakeFamilyWords<'route-unguarded'> = (terms) => ({
  name: 'The safe way',
  levels: [
    'Two moves.',
    'Three moves.',
    'Four moves.',
    'Five or six moves.',
    'Four moves; the whole way is shown before the piece moves.',
  ],
  rule: 'First see which squares the other pieces attack. Then find a way round them.',
  question: (question) =>
    `Move the ${terms.one(question.role)} to ${targetWords(question.targets)} in as few moves as you can. Stop only where nobody can ${terms.one('capture')} it. It may ${terms.one('capture')} on the way.${toldWords(question)}`,
  count: (count) => `It can be done in ${countWords(count, 'move')}.`,
  notes: routeNotes(terms),
});
