import type { MakeFamilyWords } from '../family';
import { PATTERN_NAMES } from '../patternNames';
import { roleOptions } from './shared/roles';
import { addedNotes } from './shared/mateNotes';

export const words: MakeFamilyWords<'missing-man'> = (terms) => ({
  name: 'The missing piece',
  levels: [
    'The mating piece of a first mate.',
    'Any piece of any picture.',
    'Three pieces to choose from.',
    'Five pieces to choose from, a fuller board.',
  ],
  rule: `Which square can the ${terms.one('king')} still go to? What could be ${terms.done('capture')}? The missing piece stops it.`,
  question: (question) =>
    `One ${question.side} piece or ${terms.one('pawn')} is missing. Put it where it makes this mate: ${PATTERN_NAMES[question.pattern]}.`,
  options: roleOptions(terms),
  notes: addedNotes(terms),
});
