import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { countWords } from '../words';
import { toldWords } from './shared/ways';
import { routeNotes } from './shared/routeNotes';

export const words: MakeFamilyWords<'collect'> = (terms) => ({
  name: `${capital(terms.one('capture'))} them all`,
  levels: [
    'Two pieces.',
    'Three pieces.',
    'Three pieces, with moves between them.',
    'Four pieces, far apart.',
    'Three pieces; the whole way is shown before the piece moves.',
  ],
  rule: `Find the piece from which you can ${terms.one('capture')} the next one.`,
  question: (question) =>
    `${capital(terms.one('capture'))} ${question.targets.length === 2 ? 'both' : `all ${question.targets.length}`} pieces with the ${terms.one(question.role)} in as few moves as you can.${toldWords(question)}`,
  count: (count) => `It can be done in ${countWords(count, 'move')}.`,
  notes: routeNotes(terms),
});
