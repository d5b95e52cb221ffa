import type { Terms, Spoken } from '../terms';

export const back = 'Back';

export const next = 'Next';

export const moveBack = 'Move back';

export const moveOn = 'Move on';

export const home = 'Home';

export const stopAsking = 'Stop asking';

export const askTheClass = 'Ask the class';

export const whatTheySay = 'What they say';

export const answer = 'Answer';

export const points = 'Points';

export const more = 'More';

export const plan = 'The plan';

export const lessonHasNoPlan = 'This lesson has no plan. Use the board freely.';

export const setUp = 'Set up';

export const draw = 'Draw';

export const turnBoard = 'Turn board';

export const wholeScreen = 'Whole screen';

export const myWindow = 'My window';

export const endLesson = 'End the lesson';

export const keys = 'Keys';

export const whatTheySayHelp =
  'Ask the class first: Q. Then make the moves they call out on the board, or type them here.';

export const answersInClass = (count: string, count2: string) => `${count}, ${count2} in the class.`;

export const hideWhatItLeadsTo = 'Hide what it leads to';

export const whatItLeadsTo = 'What it leads to';

export const names = 'Names';

export const times = (count: number) => `${count} times`;

export const calledOut = 'Called out';

export const moveExample = 'Nf3';

export const noteIt = 'Note it';

export const done = 'Done';

export const moveInstead = (side: string) => `${side} to move instead`;

export const emptyBoard = 'Empty board';

export const firstPosition = 'First position';

export const undo = 'Undo';

export const setUpKeys =
  'Keys: a letter puts a piece on the square with the frame (Shift for Black), T changes who moves, W empties the board, I is the first position, E is done.';

export const oneMoment = 'One moment ...';

export const seatsCode = 'Class code: ';

export const askedAndThinking = (thought: string) => `Asked. Thinking: ${thought}`;

export const offlineNoAnswers = 'Offline: answers from the class are not arriving.';

export const inYourHead = 'In your head, without a board.';

export const bigBoard = 'The big board' as Spoken;

export const noLessonOf = (className: string) => `${className}: no lesson at this board`;

export const beginWithEmptyBoard = 'Begin with an empty board';

export const chooseLesson = 'Choose a lesson with its plan';

export const noLessonAtBoardOf = (className: string) => `${className} has no lesson at the board.`;

export const offlineLastState = 'Offline: this is the last state received.';

export const freeBoard = 'A free board';

export const answerIs = (text: string) => `The answer is ${text}.`;

export const nothingAsked = 'Nothing has been asked yet';

export const haveAnswered = (heard: number, studentsCount: number) =>
  `${heard} of ${studentsCount} have answered.`;

export const notYet = 'Not yet';

export const everybodyHasAnswered = 'Everybody has answered.';

export const positionOnBoard = 'The position on the board' as Spoken;

export const sendMove = 'Send this move';

export const taskNotLoaded = 'The task did not load. Are you online?';

export const fetchAgain = 'Fetch it again';

export const keptOffline =
  'No connection. Go on: your answers are kept here and sent later. Leave this page open.';

export const coachAsks = 'Your coach has a question for you.';

export const classAtBoard = 'Your class is at the board.';

export const lessonOver = 'The lesson at the board is over.';

export const myPlace = 'My place';

export const theBoard = 'The board';

export const myRound = 'My round';

export const lookAtTheBoard = 'Look at the board. Questions appear here.';

export const allForNow = 'That is all for now.';

export const aLine = 'A line';

export const barePicture = (name: string) => `${name}: the bare picture`;

export const numbered = (label: string, part: number) => `${label}, number ${part}`;

export const sideToMove = (side: string) => `${side} to move`;

export const pageDown = 'Page down';

export const keyNextPosition = 'the next position';

export const pageUp = 'Page up';

export const keyPreviousPosition = 'the one before';

export const keySteps = 'one move on, one move back';

export const keyHome = 'home: where the question began';

export const keyAsk = 'ask the class, stop asking';

export const ctrlV = 'Ctrl V';

export const keyPaste = 'put a copied position (FEN) on the board';

export const pieceSees = 'One piece’s view';

export const sideSees = 'One side’s view';

export const keySight = 'what one piece sees: tap it';

export const keyArmySight = 'what one side sees, then the other';

export const tapToSee = 'Tap a piece to see what it sees.';

export const keyQuestions = 'what can be asked here';

export const keyWhatTheySay = 'what they say';

export const keyWhatItLeadsTo = 'what it leads to, or hide it';

export const keyAnswer = 'the answer, or hide it';

export const keyPoints = 'the points, move by move';

export const keyGuarded = 'guarded squares';

export const keyRoundTheKing = (terms: Terms) => `squares around the ${terms.one('king')}`;

export const keyDraw = 'draw arrows and rings';

export const keyClearDrawings = 'clear drawings';

export const keyNoSigns = 'hide all marks';

export const keySetUp = 'set up a position, and done';

export const keyMakeHome = 'what is shown becomes home';

export const keyTurnBoard = 'turn the board';

export const keyWholeScreen = 'the whole screen';

export const keyKeys = 'these keys';

export const right = 'Right';

export const somethingElse = 'Something else';

export const notLookedAtYet = 'not looked at yet';

export const notLegalMoveHere = 'not a legal move here';

export const notWorkedOut = 'could not be worked out. Close this panel and open it again';

export const ifMove = (san: string) => `If ${san}`;

export const noLegalMove = 'There is no legal move here, so children can’t send one. Ask aloud.';

export const whatWouldYouPlay = (side: string) => `${side} to move. What would you play?`;

export const sideToMoveSentence = (side: string) => `${side} to move.`;

export const drawHelp = 'Draw: tap two squares for an arrow, one square twice for a ring.';

export const pageTitle = 'Big board';

export const besideBoard = 'Beside the board';

export const whichMove = 'Which move? Make it on the board.' as Spoken;

export const sent = 'Sent. You can still send another move.' as Spoken;

export const isThatYourMove = 'Is that your move?' as Spoken;
