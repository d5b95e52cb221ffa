import { makeSquareName, type Square } from '@/core/board';
import type { Misfit } from '@/core/compose';
import type { Spoken, Terms } from '../terms';
import { listWords } from '../words';

export const questions = 'Questions';

export const whatCanBeAsked = 'What can be asked here';

export const findQuestion = 'Find a question';

export const chooseOnBoard = 'Choose squares';

export const clearChoice = 'Clear choice';

export const chosenSquares = (squares: readonly Square[]) =>
  squares.length === 0
    ? 'No square chosen. Choose the piece first, then its squares.'
    : `Chosen: ${listWords(squares.map(makeSquareName))}.`;

export const workingOut = 'Looking for questions ...';

export const notWorkedOut = 'The browser stopped the search for questions. Change the board to try again.';

export const noneFound = 'No question has these words.';

export const notHere = 'Not on this board';

export const otherQuestion = 'Other question';

export const showAnswer = 'Show the answer';

export const showOneMore = 'Show one more';

export const hideAnswer = 'Hide the answer';

export const answerHidden = 'The answer is hidden.';

export const shownSoFar = (squares: readonly Square[], count: number) =>
  `${listWords(squares.map(makeSquareName))}: ${squares.length} of ${count}.`;

export const noneIsRight = 'Right: none.';

export const answerIs = (text: Spoken) => `Right: ${text}.`;

export const addQuestion = 'Add question';

export const chooseQuestionFirst = 'Choose a question first.';

/** Why a family asks nothing of this board, and what would change that. */
export function misfitText(why: Misfit, terms: Terms): string {
  switch (why) {
    case 'own-boards':
      return 'It makes its own boards.';
    case 'needs-game':
      return `It needs a possible position with both ${terms.many('king')}.`;
    case 'needs-piece':
      return 'Choose a fitting piece of the side to move.';
    case 'needs-target':
      return 'Choose the piece, then the square or squares.';
    case 'needs-square':
      return 'Choose a square.';
    case 'needs-move':
      return 'Make the move on the board, then step back.';
    case 'needs-line':
      return 'Make two moves or more, then step back.';
    case 'needs-check':
      return 'The side to move is not in check.';
    case 'needs-mate':
      return 'This is not checkmate.';
    case 'needs-proof':
      return 'Add the proved mate to a set. There it can be asked this way.';
    case 'needs-fates':
      return 'Only composed exercises ask this.';
    case 'needs-story':
      return 'It asks about the game before this position.';
    case 'nothing-here':
      return 'There is none here, or more than one answer would be right.';
  }
}
