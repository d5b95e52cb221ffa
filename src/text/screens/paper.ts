export const withCoordinates = 'Letters and numbers round the boards';

export const paper = 'Paper';

export const tasks = 'The tasks';

export const printed = 'Printed';

export const boardsPerSheet = 'Boards on a sheet';

export const answers = 'Answers';

export const linesToWrite = 'Lines to write on';

export const largePrint = 'Large print, at most four boards';

export const sheet = 'The sheet';

export const forClass = 'Class';

export const date = 'Date';

export const oneForEachChild = 'One for each child, with their name';

export const makePdf = 'Make the PDF';

export const boardsToDraw = 'Boards to draw on';

export const sheets = 'Sheets';

export const makeBoards = 'Make the boards';

export const cardsHeading = 'Cards of the named mates';

export const cardsHelp =
  'The picture on the front, its name and what it is made of on the back: eight on a sheet. Print on both sides, turned over the long edge, and cut along the dashes.';

export const makeCards = 'Make the cards';

export const sizeA4 = 'A4 (21 by 29.7 cm)';

export const sizeLetter = 'Letter (8½ by 11 inches)';

export const toSolve = 'to solve';

export const toSetUp = 'to set up from words';

export const sheetsThenKey = 'sheets, then the key';

export const onlySheets = 'only the sheets';

export const onlyKey = 'only the key';

export const noClass = 'no class';

export const manyWords = ' Tasks with many words may take more.';

export const keyOnly = 'The key, every answer with its board.';

export const forEachOf = (each: string, count: string) => `${each} for each of ${count}`;

export const withKeyBehind = (all: string) => `${all}, and the key behind.`;

export const boards = 'Boards';

export const namedMates = 'Named mates';
