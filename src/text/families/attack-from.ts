import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { notReachedNotes } from './shared/reachNotes';
import { canBeTakenNote } from './shared/attackNotes';

export const words: MakeFamilyWords<'attack-from'> = (terms) => ({
  name: 'Attack it safely',
  levels: [
    `${capital(terms.a('rook'))} or ${terms.one('bishop')} and its target.`,
    'Two pieces guard squares.',
    `${capital(terms.a('knight'))}, ${terms.one('bishop')} or ${terms.one('queen')}; four pieces guard squares.`,
    'A full board.',
  ],
  rule: 'Go there in your head. Do you attack the target from there? Does anybody attack you?',
  question: (question) =>
    `The ${terms.one(question.role)} makes one move. Tap every square where it then attacks ${makeSquareName(question.target)} and nobody can ${terms.one('capture')} it.`,
  notes: {
    ...notReachedNotes(terms),
    'is-the-target': {
      text: ({ square }) =>
        `${makeSquareName(square)}: that is the target. Attack it, do not ${terms.one('capture')} it.`,
      mistake: `${terms.one('capture')} what they should attack`,
    },
    'attacks-not': {
      text: ({ square, role, target }) =>
        `${makeSquareName(square)}: from there the ${terms.one(role)} does not attack ${makeSquareName(target)}.`,
      mistake: 'attack from where it does not reach',
    },
    'would-attack': {
      text: ({ square, role, target }) =>
        `${makeSquareName(square)}: from there the ${terms.one(role)} attacks ${makeSquareName(target)}, and nobody can ${terms.one('capture')} it.`,
      mistake: 'miss a square to attack from',
    },
    'can-be-taken': canBeTakenNote(terms),
  },
});
