/** Why a piece gets to a square or not: what is in its way, how it goes, what the laws of kings forbid. */
import { makeSquareName } from '@/core/board';
import type { NoteOf } from '@/core/exercises';
import type { NoteWord, NoteWords } from '../../family';
import { capital, type Terms } from '../../terms';
import { manOn } from './squares';

type ReachNote = NoteOf<'reach'>;
type MissedNote = Extract<ReachNote, { code: 'missed' }>;

export const missedNote = (terms: Terms): NoteWord<MissedNote> => ({
  text: ({ square, from, role }) => `${makeSquareName(square)}: the ${manOn(role, from, terms)} gets there.`,
  mistake: 'miss a square or a piece',
});

export const notReachedNotes = (terms: Terms): NoteWords<Exclude<ReachNote, MissedNote>> => ({
  'own-man': {
    text: ({ square, role }) => `${makeSquareName(square)}: your own ${terms.one(role)} is there.`,
    mistake: 'land on their own piece',
  },
  behind: {
    text: ({ square, role, by }) =>
      `${makeSquareName(square)}: the piece on ${makeSquareName(by)} is in the ${terms.one(role)}'s way.`,
    mistake: 'go past a piece that is in the way',
  },
  'not-its-way': {
    text: ({ square, role }) => `${makeSquareName(square)}: ${terms.a(role)} does not go that way.`,
    mistake: 'mix up how the piece moves',
  },
  'own-square': {
    text: ({ square, role }) => `${makeSquareName(square)}: the ${terms.one(role)} is already here.`,
    mistake: 'count the square the piece is on',
  },
  'pawn-takes-diagonally': {
    text: ({ square }) =>
      `${makeSquareName(square)}: ${terms.a('pawn')} moves straight and ${terms.many('capture')} diagonally, and a piece is there.`,
    mistake: `${terms.one('capture')} straight ahead with ${terms.a('pawn')}`,
  },
  'pawn-needs-a-man': {
    text: ({ square }) =>
      `${makeSquareName(square)}: ${terms.a('pawn')} moves diagonally only to ${terms.one('capture')}, and no piece is there.`,
    mistake: `move ${terms.a('pawn')} diagonally without a capture`,
  },
  'passing-is-over': {
    text: ({ square }) =>
      `${makeSquareName(square)}: no capture ${terms.one('in-passing')} here. The ${terms.one('pawn')} beside it did not just move two steps.`,
    mistake: `${terms.one('capture')} ${terms.one('in-passing')} too late`,
  },
  'king-is-never-taken': {
    text: ({ square }) =>
      `${makeSquareName(square)}: ${terms.a('king')} is there. ${capital(terms.a('king'))} is never ${terms.done('capture')}.`,
    mistake: `${terms.one('capture')} ${terms.a('king')}`,
  },
  'king-steps-into-check': {
    text: ({ square, by, byRole }) =>
      `${makeSquareName(square)}: the ${manOn(byRole, by, terms)} attacks it. ${capital(terms.a('king'))} never moves into check.`,
    mistake: `move the ${terms.one('king')} into check`,
  },
  'is-pinned-there': {
    text: ({ square, role, by, byRole }) =>
      `${makeSquareName(square)}: then the ${manOn(byRole, by, terms)} attacks the ${terms.one('king')}. The ${terms.one(role)} is pinned.`,
    mistake: 'move a pinned piece',
  },
});

export const reachNotes = (terms: Terms): NoteWords<ReachNote> => ({
  missed: missedNote(terms),
  ...notReachedNotes(terms),
});
