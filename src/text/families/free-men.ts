import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { SIDE_WORDS } from '../words';
import { notTheirsNotes } from './shared/squareNotes';
import { missedNote } from './shared/reachNotes';
import { notTakenNote } from './shared/attackNotes';
import { manOn } from './shared/squares';

export const words: MakeFamilyWords<'free-men'> = (terms) => ({
  name: `What is free to ${terms.one('capture')}?`,
  levels: [
    'One piece to look from.',
    'Two pieces.',
    'Three pieces.',
    `Five pieces, and eight that can be ${terms.done('capture')} or not.`,
  ],
  rule: `${capital(terms.one('capture'))} it in your head. Can anybody ${terms.one('capture')} back?`,
  question: (question) =>
    `Tap everything that ${SIDE_WORDS[question.turn]} can ${terms.one('capture')} for free: nobody can ${terms.one('capture')} back.`,
  notes: {
    ...notTheirsNotes,
    missed: missedNote(terms),
    'not-taken': notTakenNote(terms),
    'takes-back': {
      text: ({ square, by, byRole }) =>
        `${makeSquareName(square)}: the ${manOn(byRole, by, terms)} ${terms.many('capture')} back.`,
      mistake: `overlook who ${terms.many('capture')} back`,
    },
  },
});
