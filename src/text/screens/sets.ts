export const sets = 'Sets';

export const composePuzzles = 'Compose puzzles';

export const library = 'Library';

export const importPositions = 'Import positions';

export const boardsCards = 'Boards and cards';

export const nameNewSet = 'Name of a new set';

export const noSets =
  'There are no sets yet. Make one here, then set up a position on the Desk, prove its mate and add it.';

export const beginsWithoutBoard = (name: string) => `${name} begins without a board`;

export const firstTask = (name: string) => `First task of ${name}`;

export const noClass = 'There is no class yet. Create one under Classes.';

export const forClass = 'Class';

export const giveToClass = 'Give to class';

export const showSolutions = 'Show solutions';

export const fromEasyHard = 'From easy to hard';

export const changingSet = 'Changing the set ...';

export const openDesk = 'Open on the Desk';

export const moreTask = (number: number) => `More with task ${number}`;

export const earlier = 'Earlier';

export const taskEarlier = (number: number) => `Task ${number}: earlier`;

export const later = 'Later';

export const taskLater = (number: number) => `Task ${number}: later`;

export const removeTask = (number: number) => `Remove task ${number}`;

export const puzzle = (number: number, label: string) => `Puzzle ${number}. ${label}.`;

export const key = 'Key';

export const keys = (keysCount: number) => `${keysCount} keys`;

export const from = 'From ';

export const task = (number: number, question: string) => `Task ${number}. ${question}`;

export const level = (level: number) => `Level ${level}.`;

export const answer = (answer: string) => `Answer: ${answer}`;

export const noTasksYet = 'No tasks yet.';

export const print = 'Print';

export const chooseFromLibrary = 'Choose from the library';

export const addFromDesk = 'Add from the Desk';

export const addExercises = 'Add exercises';

export const giveHeading = 'Give to a class';

export const version = (className: string, version: number) => `${className}, version ${version}, `;

export const answers = 'Answers';

export const saveMatesAs = 'Save the mates as';

export const everyTaskAs = 'or every task as';

export const json = 'JSON';

export const emptySet = 'This set is empty. Prove a mate on the Desk or choose an exercise, and add it here.';

export const paper = (name: string) => `${name} on paper`;

export const paperSummary = (count: string) => `${count}. Black on white, so that it can be photocopied.`;

export const backSet = 'Back to the set';

export const nothingToPrint = 'This set is empty: there is nothing to print yet.';

export const composeHelp = 'Say what you want, keep what you like, and put it into a set.';

export const allSets = 'All sets';

export const importHelp = 'From a file or a text; each is proved before it becomes a puzzle.';

export const libraryHelp = 'Every mate your club has stored, each proved.';

export const paperHelp = 'For the table and the wall. The tasks of a set are printed from its page.';

export const makeSet = 'Make a set';

export const notGivenYet = 'not given yet';

export const givenOnce = 'given once';

export const givenTimes = (count: number) => `given ${count} times`;

export const classCanSeeIt = (className: string) => `${className} can see it now.`;

export const oneSameLengthLevel = 'one of the same length and level';

export const sameColoursSwapped = 'the same, colours swapped';

export const sameMirroredLeftRight = 'the same, mirrored left to right';

export const more = 'More ...';

export const replaceWith = 'Replace it with';

export const giveAlsoAs = 'Give also as';

export const savePictureAs = 'Save the picture as';

export const browserCouldNotDraw = 'The browser could not draw the picture.';

export const set = 'Set';

export const paperTitle = 'Paper';

export const taskNumber = (number: number) => `task ${number}`;

export const versionGiven = (version: number) =>
  ` Version ${version} has been given; a change starts version ${version + 1}.`;

/** The head of the table that a set is saved as. */
export const csvColumns = ['number', 'fen', 'to move', 'mate in', 'keys', 'solution'];
