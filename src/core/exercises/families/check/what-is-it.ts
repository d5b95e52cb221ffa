/** Family `what-is-it`: check, mate, stalemate, a dead position, or does the game go on? */
import { getPosition } from '../../../notation';
import { listCheckers, type Position } from '../../../rules';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import type { PlainReason } from '../../family/note';
import type { BoardTask } from '../capturing/theirMen';
import {
  boardTaskSchema,
  findState,
  PARTS,
  reasonOfMoves,
  STATE_OPTIONS,
  whyState,
  type StateReason,
} from './boardState';

export interface WhatIsItQuestion {
  readonly code: 'what-is-it';
}

type WhatIsItReason = StateReason | PlainReason<'no-check' | 'enough-men'>;

export const whatIsItFamily = defineFamily<BoardTask, 'choose', WhatIsItQuestion, ChoiceNote<WhatIsItReason>>(
  {
    ...PARTS,
    id: 'what-is-it',
    skill: 'ends-of-the-game',
    answerMode: 'choose',
    levels: 4,
    taskSchema: boardTaskSchema,
    question: () => ({ code: 'what-is-it' }),
    scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
    ask: () => ({ kind: 'choose', options: STATE_OPTIONS, isMultiple: false }),
    solution: ({ fen }) => chooseOptions([findState(getPosition(fen))]),
    judge({ fen }, answer) {
      const position = getPosition(fen);
      return compareOptions([findState(position)], answer, (option) => reasonOfState(position, option));
    },
    /** Men that have to be looked at for check, and moves for mate and stalemate. */
    measure({ fen }) {
      const { board } = getPosition(fen);
      return board.filter((man) => man !== undefined).length;
    },
    hints: ({ fen }) => chooseHints(STATE_OPTIONS, [findState(getPosition(fen))]),
  },
);

/** Why the option holds, or why it does not. */
function reasonOfState(position: Position, option: string): WhatIsItReason {
  const state = findState(position);
  if (option === state) return whyState(position, state);
  const checkers = listCheckers(position);
  switch (option) {
    case 'check':
    case 'mate':
      if (checkers.length === 0) return { code: 'no-check' };
      // In check, yet not merely that, or not mate: the state itself says why.
      return option === 'mate' && state === 'check' ? reasonOfMoves(position) : whyState(position, state);
    case 'stalemate':
      return checkers.length > 0 ? { code: 'gives-check', squares: checkers } : reasonOfMoves(position);
    case 'dead':
      return { code: 'enough-men' };
    default:
      return whyState(position, state);
  }
}
