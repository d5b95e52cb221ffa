import type { ForcingLabel } from '@/core/exercises';
import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import type { Terms } from '../terms';
import { SIDE_WORDS } from '../words';

const taskTexts = (terms: Terms) => ({
  checks: 'Tap the square of every check.',
  kinds: 'Mark the square of every check. Mark every other capture and every quiet threat to mate too.',
  gains: `Mark the square of every check and capture: what is the result if both keep ${terms.doing('capture')} there?`,
});

/** What a forcing move is, or what comes of it. */
const forcedTexts = (terms: Terms): Readonly<Record<ForcingLabel, string>> => ({
  checks: 'It gives check.',
  captures: `It ${terms.many('capture')}.`,
  threats: 'It threatens to mate.',
  'it-mates': 'It is mate.',
  'wins-men': 'It wins points there.',
  'comes-out-even': 'It comes out even there.',
  'loses-men': 'It loses points there.',
});

export const words: MakeFamilyWords<'forcing-moves'> = (terms) => ({
  name: 'Checks, captures, threats',
  levels: [
    'Checks, few pieces.',
    'Every kind, few pieces.',
    'Every kind, more pieces.',
    'What each check and capture leads to.',
  ],
  rule: `Go through your pieces one by one: can it check, ${terms.one('capture')} or threaten mate?`,
  question: (question) => `${SIDE_WORDS[question.turn]} to move. ${taskTexts(terms)[question.asked]}`,
  isTurnSaid: true,
  options: {
    checks: 'Check',
    captures: 'Capture',
    threats: 'Threat of mate',
    'it-mates': 'It is mate',
    'wins-men': 'It wins points',
    'comes-out-even': 'It comes out even',
    'loses-men': 'It loses points',
  },
  notes: {
    'forces-nothing': {
      text: ({ square }) => `${makeSquareName(square)}: no such move goes there.`,
      mistake: 'mark a move that forces nothing',
    },
    forces: {
      text: ({ square, move, label }) => `${makeSquareName(square)}: ${move}. ${forcedTexts(terms)[label]}`,
      mistake: 'overlook or misjudge a forcing move',
    },
  },
});
