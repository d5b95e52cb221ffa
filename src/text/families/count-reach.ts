import type { MakeFamilyWords } from '../family';
import { reachLevels } from './shared/reach';
import { numberNotes } from './shared/numberNotes';

export const words: MakeFamilyWords<'count-reach'> = (terms) => ({
  name: 'How many squares?',
  levels: reachLevels(terms),
  rule: `Go along each line to its end and count. A piece you can ${terms.one('capture')} counts. Your own piece does not.`,
  question: (question) => `How many squares can this ${terms.one(question.role)} go to?`,
  notes: numberNotes,
});
