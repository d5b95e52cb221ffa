export const sets = 'Sets';

export const composePuzzles = 'Compose puzzles';

export const library = 'Library';

export const importPositions = 'Import positions';

export const boardsCards = 'Boards and cards';

export const nameNewSet = 'Name of a new set';

export const thereNoSetsYet =
  'There are no sets yet. Make one here, then set up a position on the Desk, prove its mate and add it.';

export const beginsWithoutBoard = (name: string) => `${name} begins without a board`;

export const firstTask = (name: string) => `First task of ${name}`;

export const thereNoClassYet = 'There is no class yet. Create one under Classes.';

export const classIt = 'Class';

export const giveClass = 'Give to class';

export const showSolutions = 'Show solutions';

export const fromEasyHard = 'From easy to hard';

export const changingSet = 'Changing the set ...';

export const openDesk = 'Open on the Desk';

export const moreTask = (number: number) => `More with task ${number}`;

export const earlier = 'Earlier';

export const taskEarlier = (number: number) => `Task ${number}: earlier`;

export const later = 'Later';

export const taskLater = (number: number) => `Task ${number}: later`;

export const remove = 'Remove';

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

export const giveClass2 = 'Give to a class';

export const version = (className: string, version: number) => `${className}, version ${version}, `;

export const answers = 'Answers';

export const saveMatesAs = 'Save the mates as';

export const everyTaskAs = 'or every task as';

export const json = 'JSON';

export const setEmptyProveMate =
  'This set is empty. Prove a mate on the Desk or choose an exercise, and add it here.';

export const paper = (name: string) => `${name} on paper`;

export const blackWhiteSoCan = (count: string) => `${count}. Black on white, so that it can be photocopied.`;

export const backSet = 'Back to the set';

export const setEmptyThereNothing = 'This set is empty: there is nothing to print yet.';

export const sayWhatYouWant = 'Say what you want, keep what you like, and put it into a set.';

export const allSets = 'All sets';

export const fromFileTextEach = 'From a file or a text; each is proved before it becomes a puzzle.';

export const everyMateYourClub = 'Every mate your club has stored, each proved.';

export const tableWallTasksSet = 'For the table and the wall. The tasks of a set are printed from its page.';
