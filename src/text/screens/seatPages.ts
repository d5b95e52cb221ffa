import { capital, type Terms } from '../terms';

export const done = 'Done';

export const help = 'Help';

export const noMoreHelp = 'No more help';

export const showMe = 'Show me';

export const yourAnswer = 'Your answer';

export const lineSoFar = 'The line so far';

export const undo = 'Undo';

export const whatDoesPawnBecome = (terms: Terms) => `What does the ${terms.one('pawn')} become?`;

export const countThenSayNumber = 'Count, then say the number.';

export const numberFrom = (least: number, most: number) => `A number from ${least} to ${most}.`;

export const oneLess = 'One less';

export const yourNumber = 'Your number';

export const oneMore = 'One more';

export const placeHelp = 'Choose a piece, then tap squares. Or drag it there.';

export const handSlip = 'Did your hand slip? Look again, then press Done.';

export const piecesPlace = 'Pieces to place';

export const takeOff = 'Take off';

export const movePieces = 'Move pieces';

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

export const taskOf = (part: number, tasksCount: number) => `Task ${part} of ${tasksCount}`;

export const solved = (solvedCount: number) => `${solvedCount} solved`;

export const later = 'Later';

export const offline = 'Offline? Keep this page open. You can still finish your puzzles.';

export const ok = 'OK';

export const iAmDone = 'I am done';

export const stayHere = 'Stay here';

export const leaveAnyway = 'Leave anyway';

export const answersDevice = 'Answers on this device';

export const sendNow = 'Send now';

export const hello = (studentName: string) => `Hello ${studentName}.`;

export const yourNextThing = 'What to do next';

export const classAtBoard = 'Your class is at the board.';

export const allYourTasksDone = 'All your tasks are done.';

export const noTasksFromYour = 'No tasks from your coach yet.';

export const myPath = 'My path';

export const pawnsOnly = (terms: Terms) => `${capital(terms.many('pawn'))} only`;

export const myPlace = 'My place';

export const youCanDoAll = 'You can do all of this. Well done.';

export const myNextRound = 'My next round';

export const begin = 'Begin';

export const beginMyNextRound = 'Begin my next round';

export const nextPrefix = 'Next: ';

export const practise = 'Practise';

export const practiseStage = (stageName: string) => `Practise: ${stageName}`;

export const thisIsHowItLooks = 'This is how it looks.';

export const theseAreRight = 'These are right: ';

export const theAnswerIs = 'The answer is ';

export const tapInOrder = 'Tap the first move first. Tap again to remove it.';

export const chooseAllRight = 'Choose all that are right.';

export const chooseOne = 'Choose one.';

export const tapTheWay = 'Tap the squares it goes to, one after another. The piece stays put.';

export const goOnToTheEnd = 'Go on to the end, then press Done.';

export const tapPieceInYourHead = 'Tap the square the piece is on in your head. Then tap where it goes.';

export const moveNotPossibleThen = 'That move is not possible then.';

export const fromCannotGoThere = (makeSquareName: string) => `From ${makeSquareName} it cannot go there.`;

export const nowTapSquare = 'Now tap the square it goes to. The piece stays put.';

export const tapWholeLine = 'Tap a piece and the square it goes to. Then do the other side’s answer.';

export const whoseTurn = 'Whose turn is it? Go on to the mate, then press Done.';

export const nowYou = (last: string) => `${last} Now you.`;

export const whichSquare = (part: string, part2: string) => `Which square did you mean: ${part} or ${part2}?`;

export const thisIsHowItGoes = 'This is how it goes.';

export const playYourMove = 'Play your move on the board.';

export const yesRight = 'Yes, that is right.';

export const doneOrMore = 'Done? Or tap another square.';

export const marked = (count: number) => `${count} marked.`;

export const pickLabelThenTap = 'Pick a label, then tap the squares it belongs to.';

export const tapTheBoard = 'Tap the board.';

export const theTask = 'the task';

export const allTasks = (tasksCount: number) => `all ${tasksCount} tasks`;

export const mateIn = (askedLength: number) => `Mate in ${askedLength}`;

export const backToMyPlace = 'Back to my place';

export const backToMyPath = 'Back to my path';

export const backToTheBoard = 'Back to the board';

export const goOn = 'Go on';

export const nowYouButton = 'Now you';

export const nextOne = 'Next one';

export const climbedBefore = (skippedCount: number) => `, ${skippedCount} climbed before`;

export const keptUntilSignedIn = 'Your answers are kept here. Sign in again to send them.';

export const keptOffline = 'No connection. Go on: your answers are kept and sent later.';

export const keptNotSaved = 'An answer could not be saved yet. It is kept here and will be sent again.';

export const notSavedTellCoach = 'An answer could not be saved. Tell your coach.';

export const goToTheBoard = 'Go to the board';

export const start = 'Start';

export const keepGoingYourPath = 'Keep going on your path.';

export const pawnsOnlyHelp = (terms: Terms) => `A game with only ${terms.many('pawn')}.`;

export const lookAgain = 'Look again';

export const solvedOf = (solvedCount: number, puzzleCount: number) =>
  `${solvedCount} of ${puzzleCount} solved`;

export const puzzles = 'Puzzles';

export const atBoard = 'At the board';

export const noConnection = 'No connection. Try again.';

export const practice = 'Practice';

export const theBoard = 'The board';

export const openAction = 'Open';

export const playAction = 'Play';

/** "Open: Lights on the quay". */
export const actionOf = (action: string, title: string) => `${action}: ${title}`;
