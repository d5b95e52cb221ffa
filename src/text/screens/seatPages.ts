import { capital, spoken, type Spoken, type Terms } from '../terms';

export const done = 'Done' as Spoken;

/** The answer that there is nothing to mark. */
export const none = 'None' as Spoken;

export const help = 'Help' as Spoken;

export const noMoreHelp = 'No more help' as Spoken;

export const showMe = 'Show me' as Spoken;

export const yourAnswer = 'Your answer' as Spoken;

export const lineSoFar = 'The line so far' as Spoken;

export const undo = 'Undo' as Spoken;

export const whatDoesPawnBecome = (terms: Terms) => spoken(`What does the ${terms.one('pawn')} become?`);

export const countThenSayNumber = 'Count, then say the number.' as Spoken;

export const numberFrom = (least: number, most: number) => spoken(`A number from ${least} to ${most}.`);

export const oneLess = 'One less' as Spoken;

export const yourNumber = 'Your number' as Spoken;

export const oneMore = 'One more' as Spoken;

export const placeHelp = 'Choose a piece, then tap squares. Or drag it there.' as Spoken;

export const handSlip = 'Did your hand slip? Look again, then press Done.' as Spoken;

export const piecesPlace = 'Pieces to place' as Spoken;

export const takeOff = 'Take off' as Spoken;

export const movePieces = 'Move pieces' as Spoken;

export const fromStart = 'From the start' as Spoken;

export const tryAgain = 'Try again' as Spoken;

export const whatComesNext = 'What comes next?' as Spoken;

export const back = 'Back' as Spoken;

export const keys = 'Keys' as Spoken;

export const lookAtMoveBoard = 'Look at the move on the board and write it.' as Spoken;

export const scoreSheet = 'Score sheet' as Spoken;

export const moveBefore = 'Move before' as Spoken;

export const nextMove = 'Next move' as Spoken;

export const labelNextTap = 'Label for the next tap' as Spoken;

export const letterThenNumber = 'A letter, then a number.' as Spoken;

export const writeWayYouLearned = 'Write it the way you learned it.' as Spoken;

export const allDone = 'All done.' as Spoken;

export const youHaveClimbed = (count: string) => spoken(`You have climbed ${count}.`);

export const youSolved = (part: string) => spoken(`You solved ${part}.`);

export const youHadClimbedBefore = (count: string) => spoken(`${count} you had climbed before. `);

export const climbAgain = (part: string) => spoken(`Climb ${part} again`);

export const onePlayAgain = (nameOf: string) => spoken(`One to play again: “${nameOf}”`);

export const onceMore = 'Once more' as Spoken;

export const taskOf = (part: number, tasksCount: number) => spoken(`Task ${part} of ${tasksCount}`);

export const solved = (solvedCount: number) => spoken(`${solvedCount} solved`);

export const later = 'Later' as Spoken;

export const offline = 'Offline? Keep this page open. You can still finish your puzzles.' as Spoken;

export const ok = 'OK' as Spoken;

export const iAmDone = 'I am done' as Spoken;

export const stayHere = 'Stay here' as Spoken;

export const leaveAnyway = 'Leave anyway' as Spoken;

export const answersDevice = 'Answers on this device' as Spoken;

export const sendNow = 'Send now' as Spoken;

export const hello = (studentName: string) => spoken(`Hello ${studentName}.`);

export const yourNextThing = 'What to do next' as Spoken;

export const classAtBoard = 'Your class is at the board.' as Spoken;

export const allYourTasksDone = 'All your tasks are done.' as Spoken;

export const noTasksFromYour = 'No tasks from your coach yet.' as Spoken;

export const myPath = 'My path' as Spoken;

export const pawnsOnly = (terms: Terms) => spoken(`${capital(terms.many('pawn'))} only`);

export const myPlace = 'My place' as Spoken;

export const youCanDoAll = 'You can do all of this. Well done.' as Spoken;

export const myNextRound = 'My next round' as Spoken;

export const begin = 'Begin' as Spoken;

export const beginMyNextRound = 'Begin my next round' as Spoken;

export const nextPrefix = 'Next: ' as Spoken;

export const practise = 'Practise' as Spoken;

export const practiseStage = (stageName: string) => spoken(`Practise: ${stageName}`);

export const thisIsHowItLooks = 'This is how it looks.' as Spoken;

export const theseAreRight = (squares: Spoken) => spoken(`These are right: ${squares}.`);

export const theAnswerIs = (answer: Spoken) => spoken(`The answer is ${answer}.`);

export const tapInOrder = 'Tap the first move first. Tap again to remove it.' as Spoken;

export const chooseAllRight = 'Choose all that are right.' as Spoken;

export const chooseOne = 'Choose one.' as Spoken;

export const tapTheWay = 'Tap the squares it goes to, one after another. The piece stays put.' as Spoken;

export const goOnToTheEnd = 'Go on to the end, then press Done.' as Spoken;

export const tapPieceInYourHead =
  'Tap the square the piece is on in your head. Then tap where it goes.' as Spoken;

export const moveNotPossibleThen = 'That move is not possible then.' as Spoken;

export const fromCannotGoThere = (makeSquareName: string) =>
  spoken(`From ${makeSquareName} it cannot go there.`);

export const nowTapSquare = 'Now tap the square it goes to. The piece stays put.' as Spoken;

export const tapWholeLine =
  'Tap a piece and the square it goes to. Then do the other side’s answer.' as Spoken;

export const whoseTurn = 'Whose turn is it? Go on to the mate, then press Done.' as Spoken;

export const nowYou = (last: string) => spoken(`${last} Now you.`);

export const whichSquare = (part: string, part2: string) =>
  spoken(`Which square did you mean: ${part} or ${part2}?`);

export const thisIsHowItGoes = 'This is how it goes.' as Spoken;

export const playYourMove = 'Play your move on the board.' as Spoken;

export const yesRight = 'Yes, that is right.' as Spoken;

export const doneOrMore = 'Done? Or tap another square.' as Spoken;

export const marked = (count: number) => spoken(`${count} marked.`);

export const pickLabelThenTap = 'Pick a label, then tap the squares it belongs to.' as Spoken;

export const tapTheBoard = 'Tap the board.' as Spoken;

export const theTask = 'the task' as Spoken;

export const allTasks = (tasksCount: number) => spoken(`all ${tasksCount} tasks`);

export const mateIn = (askedLength: number) => spoken(`Mate in ${askedLength}`);

export const backToMyPlace = 'Back to my place' as Spoken;

export const backToMyPath = 'Back to my path' as Spoken;

export const backToTheBoard = 'Back to the board' as Spoken;

export const goOn = 'Go on' as Spoken;

export const nowYouButton = 'Now you' as Spoken;

export const nextOne = 'Next one' as Spoken;

export const climbedBefore = (skippedCount: number) => spoken(`, ${skippedCount} climbed before`);

export const keptUntilSignedIn = 'Your answers are kept here. Sign in again to send them.' as Spoken;

export const keptOffline = 'No connection. Go on: your answers are kept and sent later.' as Spoken;

export const keptNotSaved =
  'An answer could not be saved yet. It is kept here and will be sent again.' as Spoken;

export const notSavedTellCoach = 'An answer could not be saved. Tell your coach.' as Spoken;

export const goToTheBoard = 'Go to the board' as Spoken;

export const start = 'Start' as Spoken;

export const keepGoingYourPath = 'Keep going on your path.' as Spoken;

export const pawnsOnlyHelp = (terms: Terms) => spoken(`A game with only ${terms.many('pawn')}.`);

export const lookAgain = 'Look again' as Spoken;

export const solvedOf = (solvedCount: number, puzzleCount: number) =>
  spoken(`${solvedCount} of ${puzzleCount} solved`);

export const puzzles = 'Puzzles' as Spoken;

export const atBoard = 'At the board' as Spoken;

export const noConnection = 'No connection. Try again.' as Spoken;

export const practice = 'Practice' as Spoken;

export const theBoard = 'The board' as Spoken;

export const openAction = 'Open' as Spoken;

export const playAction = 'Play' as Spoken;

/** "Open: Lights on the quay". */
export const actionOf = (action: string, title: string) => spoken(`${action}: ${title}`);
