export const back = 'Back';

export const next = 'Next';

export const moveBack = 'Move back';

export const move = 'Move on';

export const home = 'Home';

export const stopAsking = 'Stop asking';

export const askClass = 'Ask the class';

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

export const askClassFirstQ =
  'Ask the class first: Q. Then make the moves they call out on the board, or type them here.';

export const classIt = (count: string, count2: string) => `${count}, ${count2} in the class.`;

export const hideWhatBecomes = 'Hide what it leads to';

export const whatBecomes = 'What it leads to';

export const names = 'Names';

export const times = (count: number) => `${count} times`;

export const calledOut = 'Called out';

export const nf3 = 'Nf3';

export const note = 'Note it';

export const done = 'Done';

export const moveInstead = (side: string) => `${side} to move instead`;

export const emptyBoard = 'Empty board';

export const firstPosition = 'First position';

export const undo = 'Undo';

export const keysLetterPutsMan =
  'Keys: a letter puts a piece on the square with the frame (Shift for Black), T changes who moves, W empties the board, I is the first position, E is done.';

export const oneMoment = 'One moment ...';

export const seats = 'Seats: ';

export const askedThinking = (thought: string) => `Asked. Thinking: ${thought}`;

export const offlineAnswersFromClass = 'Offline: answers from the class are not arriving.';

export const yourHeadWithoutBoard = 'In your head, without a board.';

export const bigBoard = 'The big board';

export const noLessonRunsAt = (className: string) => `${className}: no lesson runs at this board`;

export const beginEmptyBoard = 'Begin with an empty board';

export const chooseLessonPlan = 'Choose a lesson with its plan';

export const noLessonRunsAtBoard = (className: string) => `No lesson runs at the board of ${className}.`;

export const offlineLastStateReceived = 'Offline: this is the last state received.';

export const freeBoard = 'A free board';

export const answer2 = (text: string) => `The answer is ${text}.`;

export const nothingHasBeenAsked = 'Nothing has been asked yet';

export const haveAnswered = (heard: number, studentsCount: number) =>
  `${heard} of ${studentsCount} have answered.`;

export const notYet = 'Not yet';

export const everybodyHasAnswered = 'Everybody has answered.';

export const positionBoard = 'The position on the board';

export const sendMove = 'Send this move';

export const taskDidNotLoad = 'The task did not load. Are you online?';

export const fetchAgain = 'Fetch it again';

export const noConnectionGoYour =
  'No connection. Go on: your answers are kept here and sent later. Leave this page open.';

export const yourCoachHasQuestion = 'Your coach has a question for you.';

export const yourClassAtBoard = 'Your class is at the board.';

export const lessonAtBoardOver = 'The lesson at the board is over.';

export const myPlace = 'My place';

export const board = 'The board';

export const myRound = 'My round';

export const lookAtBoardQuestions = 'Look at the board. Questions appear here.';

export const allNow = 'That is all for now.';
