export const done = 'Done';

export const help = 'Help';

export const noMoreHelp = 'No more help';

export const showMe = 'Show me';

export const yourAnswer = 'Your answer';

export const lineSoFar = 'The line so far';

export const undo = 'Undo';

export const whatDoesPawnBecome = 'What does the pawn become?';

export const countThenSayNumber = 'Count, then say the number.';

export const numberFrom = (least: number, most: number) => `A number from ${least} to ${most}.`;

export const oneLess = 'One less';

export const yourNumber = 'Your number';

export const oneMore = 'One more';

export const choosePieceThenTap = 'Choose a piece, then tap squares. Or drag it there.';

export const didYourHandSlip = 'Did your hand slip? Look again, then press Done.';

export const piecesPlace = 'Pieces to place';

export const takeOff = 'Take off';

export const moveMen = 'Move pieces';

export const fromStart = 'From the start';

export const tryAgain = 'Try again';

export const whatComesNext = 'What comes next?';

export const back = 'Back';

export const keys = 'Keys';

export const lookAtMoveBoard = 'Look at the move on the board and write it.';

export const scoreSheet = 'Score sheet';

export const moveBefore = 'Move before';

export const nextMove = 'Next move';

export const labelNextTap = 'Label for the next tap';

export const letterThenNumber = 'A letter, then a number.';

export const writeWayYouLearned = 'Write it the way you learned it.';

export const allDone = 'All done.';

export const youHaveClimbed = (count: string) => `You have climbed ${count}.`;

export const youSolved = (part: string) => `You solved ${part}.`;

export const youHadClimbedBefore = (count: string) => `${count} you had climbed before. `;

export const climbAgain = (part: string) => `Climb ${part} again`;

export const onePlayAgain = (nameOf: string) => `One to play again: “${nameOf}”`;

export const onceMore = 'Once more';

export const task = (part: number, tasksCount: number) => `Task ${part} of ${tasksCount}`;

export const solved = (solvedCount: number) => `${solvedCount} solved`;

export const later = 'Later';

export const offlineKeepPageOpen = 'Offline? Keep this page open. You can still finish your puzzles.';

export const ok = 'OK';

export const iAmDone = 'I am done';

export const stayHere = 'Stay here';

export const leaveAnyway = 'Leave anyway';

export const answersDevice = 'Answers on this device';

export const sendNow = 'Send now';

export const hello = (studentName: string) => `Hello ${studentName}.`;

export const yourNextThing = 'Your next thing';

export const yourClassAtBoard = 'Your class is at the board.';

export const allYourTasksDone = 'All your tasks are done.';

export const noTasksFromYour = 'No tasks from your coach yet.';

export const myPath = 'My path';

export const pawnsOnly = 'Pawns only';

export const myPlace = 'My place';

export const youCanDoAll = 'You can do all of this. Well done.';

export const myNextRound = 'My next round';

export const begin = 'Begin';

export const beginMyNextRound = 'Begin my next round';

export const next = 'Next: ';

export const practise = 'Practise';

export const practise2 = (stageName: string) => `Practise: ${stageName}`;
