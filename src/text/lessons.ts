/** The lessons' questions and why a square is not right: short, and always with the man and the square it is about. */
import { makeSquareName, opponentOf } from '@/core/board';
import type { TapFamilyId, TapNote, TapTask, TapVerdict } from '@/core/exercises';
import { getPlacement } from './placement';
import { countWords, ROLE_WORDS, SIDE_WORDS } from './words';

export const TAP_FAMILY_WORDS: Readonly<Record<TapFamilyId, string>> = {
  'find-square': 'Find the square',
  reach: 'Where can it go?',
  captures: 'What can be taken?',
  unprotected: 'Who stands alone?',
};

/** What a level asks more than the one before, for the coach. */
export const TAP_LEVEL_WORDS: Readonly<Record<TapFamilyId, readonly string[]>> = {
  'find-square': [
    'Letters and numbers stand beside the board.',
    "The same, seen from Black's side.",
    'Without letters and numbers.',
    "Without them, from Black's side.",
  ],
  reach: [
    'A rook or bishop, alone.',
    'A king, queen or knight, alone.',
    'Own men in the way.',
    'Own men, and others to take; pawns too.',
    'A full board.',
  ],
  unprotected: [
    'Three men.',
    'Five men.',
    'Seven men, own men in their lines.',
    'Ten men, own men in their lines.',
  ],
  captures: [
    'One man looks round.',
    'Two men look round.',
    'Three men.',
    'Five men, and eight to be taken or not.',
  ],
};

export function tapQuestion({ family, task }: TapTask): string {
  switch (family) {
    case 'find-square':
      return `Tap the square ${makeSquareName(task.square)}.`;
    case 'reach': {
      const { board } = getPlacement(task.fen);
      const man = board[task.square];
      return `Tap every square this ${man === undefined ? 'man' : ROLE_WORDS[man.role]} can go to.`;
    }
    case 'unprotected':
      return `Tap every man of ${SIDE_WORDS[opponentOf(getPlacement(task.fen).turn)]} that nobody protects.`;
    case 'captures':
      return `Tap every man that ${SIDE_WORDS[getPlacement(task.fen).turn]} can take.`;
  }
}

export function tapVerdictText({ outcome, right, extra, missed }: TapVerdict): string {
  if (outcome === 'right') return right.length === 1 ? 'Yes, that is it.' : `Yes, all ${right.length}.`;
  if (extra.length === 0) return `Right so far. ${countWords(missed.length, 'is', 'are')} still missing.`;
  return `${countWords(extra.length, 'square')} too many${missed.length > 0 ? `, ${missed.length} missing` : ''}.`;
}

export function tapNoteText(note: TapNote): string {
  const square = makeSquareName(note.square);
  switch (note.code) {
    case 'missed':
      return `${square}: the ${ROLE_WORDS[note.role]} on ${makeSquareName(note.from)} gets there.`;
    case 'own-man':
      return `${square}: the own ${ROLE_WORDS[note.role]} stands there.`;
    case 'behind':
      return `${square}: the man on ${makeSquareName(note.by)} is in the ${ROLE_WORDS[note.role]}'s way.`;
    case 'not-its-way':
      return `${square}: a ${ROLE_WORDS[note.role]} does not go that way.`;
    case 'own-square':
      return `${square}: the ${ROLE_WORDS[note.role]} stands here already.`;
    case 'pawn-takes-slantwise':
      return `${square}: a pawn goes straight but takes slantwise, and a man stands there.`;
    case 'pawn-needs-a-man':
      return `${square}: a pawn goes slantwise only to take, and nobody stands there.`;
    case 'not-taken':
      return `${square}: no man can take the ${ROLE_WORDS[note.role]} there.`;
    case 'protected':
      return `${square}: the ${ROLE_WORDS[note.byRole]} on ${makeSquareName(note.by)} protects the ${ROLE_WORDS[note.role]}.`;
    case 'unprotected':
      return `${square}: nobody protects the ${ROLE_WORDS[note.role]}.`;
    case 'nobody-there':
      return `${square}: nobody stands there.`;
    case 'own-side':
      return `${square}: that is an own man.`;
    case 'rank-before-file':
      return `This is ${square}. The letter comes first: ${makeSquareName(note.asked)} is on the ${makeSquareName(note.asked).charAt(0)}-file.`;
    case 'wrong-file':
      return `This is ${square}: the number is right, the letter is not.`;
    case 'wrong-rank':
      return `This is ${square}: the letter is right, the number is not.`;
    case 'another-square':
      return note.square === note.asked ? `${square} is the one.` : `This is ${square}.`;
  }
}
