import type { MakeFamilyWords } from '../family';
import { PATTERN_NAMES } from '../patternNames';
import { SIDE_WORDS } from '../words';
import { roleOptions } from './shared/roles';
import { addedNotes } from './shared/mateNotes';

export const words: MakeFamilyWords<'missing-part'> = (terms) => ({
  name: 'The missing part',
  levels: [
    'A first mate, a piece of each side to choose from.',
    'All mates, four pieces to choose from.',
    'Six pieces to choose from, a fuller board.',
  ],
  rule: 'Who gives check, and who protects that piece? Which square is free? Who could guard it or block it?',
  question: (question) =>
    `${SIDE_WORDS[question.side]} wants to give this mate: ${PATTERN_NAMES[question.pattern]}. One piece or ${terms.one('pawn')} is missing, a white or a black one. Put it on the board.`,
  options: roleOptions(terms),
  notes: addedNotes(terms),
});
