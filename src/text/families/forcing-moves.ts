import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';

const FORCING_TASK_WORDS = {
  checks: 'Tap the square of every check.',
  kinds: 'Mark the square of every check. Mark every other capture and every quiet threat to mate too.',
  gains: 'Mark the square of every check and capture: what is the result if both keep capturing there?',
} as const;

export const words: MakeFamilyWords<'forcing-moves'> = () => ({
  name: 'Checks, captures, threats',
  levels: [
    'Checks, few pieces.',
    'Every kind, few pieces.',
    'Every kind, more pieces.',
    'What each check and capture leads to.',
  ],
  rule: 'Go through your pieces one by one: can it check, capture or threaten mate?',
  question: (question) => `${SIDE_WORDS[question.turn]} to move. ${FORCING_TASK_WORDS[question.asked]}`,
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
});
