export const lettersNumbersRoundBoards = 'Letters and numbers round the boards';

export const paper = 'Paper';

export const tasks = 'The tasks';

export const printed = 'Printed';

export const boardsSheet = 'Boards on a sheet';

export const answers = 'Answers';

export const linesWrite = 'Lines to write on';

export const largePrintAtMost = 'Large print, at most four boards';

export const sheet = 'The sheet';

export const classIt = 'Class';

export const date = 'Date';

export const oneEachChildTheir = 'One for each child, with their name';

export const makePdf = 'Make the PDF';

export const boardsDraw = 'Boards to draw on';

export const sheets = 'Sheets';

export const makeBoards = 'Make the boards';

export const cardsNamedMates = 'Cards of the named mates';

export const pictureFrontNameWhat =
  'The picture on the front, its name and what it is made of on the back: eight on a sheet. Print on both sides, turned over the long edge, and cut along the dashes.';

export const makeCards = 'Make the cards';
