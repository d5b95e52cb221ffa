import type { MakeFamilyWords } from '../family';
import { pawnGoalText, pawnEndText } from '../pawnGame';
import { capital } from '../terms';
import { SIDE_WORDS } from '../words';
import { notLegalNotes } from './shared/playNotes';

export const words: MakeFamilyWords<'pawn-game'> = (terms) => ({
  name: `${capital(terms.many('pawn'))} only`,
  levels: [
    `Three ${terms.many('pawn')} each; the app plays gently.`,
    `Five ${terms.many('pawn')} each; the app looks two turns ahead.`,
    `Eight ${terms.many('pawn')} each; the app looks two turns ahead.`,
    `Four ${terms.many('pawn')} each; the app looks far ahead.`,
    `${capital(terms.many('king'))} and five ${terms.many('pawn')} each; the app plays gently.`,
  ],
  rule: `Count first: how many moves do you need to the last ${terms.one('rank')}, and how many do they? ${capital(terms.a('pawn'))} nobody can stop wins.`,
  question: (question) => `You are ${SIDE_WORDS[question.turn]}. ${pawnGoalText(question.goal, terms)}`,
  notes: {
    ...notLegalNotes,
    'game-lost': {
      text: (end) => pawnEndText(end, terms),
      mistake: `lose the ${terms.many('pawn')} game`,
    },
    'game-drawn': {
      text: ({ why }) => pawnEndText({ winner: undefined, why }, terms),
      mistake: `do not win the ${terms.many('pawn')} game`,
    },
  },
});
