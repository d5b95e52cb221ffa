import { countWords } from '../words';
export const whichMates = 'Take';

export const mates = (moves: number, countOf: number) => `mates in ${moves} (${countOf})`;

export const withSeveralKeysToo = (several: number) => `also those with several keys (${several})`;

export const storedAlreadyToo = (known: number) => `also those stored already (${known})`;

export const andMore = (toLocaleString: string) => `and ${toLocaleString} more.`;

export const onlyFirst = (part: number, toLocaleString: string) =>
  `The first ${part} of ${toLocaleString}: a set holds no more at once.`;

export const skipped = (count: string) => `${count} skipped, and why`;

export const andMoreCount = (part: number) => `and ${part} more.`;

export const withSeveralKeys = (several: number) => `, ${several} of them with several keys`;

export const proved = (count: string, part: string) => `${count} proved${part}`;

export const withoutMate = (n: number, maxMoves: number) => `${n} without a mate in ${maxMoves} or fewer`;

export const undecided = (n: number) => `${n} undecided`;

export const unreadableImpossible = (n: number) => `${n} unreadable or impossible`;

export const thereBefore = (n: number) => `${n} repeated in the same text`;

export const nothingToSolve = (count: number) =>
  `${countWords(count, 'whole game')} with nothing to solve at the start`;

export const read = (toLocaleString: string, join: string) => `${toLocaleString} read: ${join}.`;

export const placeWithoutMate = (place: string, within: number) => `${place}: no mate in ${within} or fewer.`;

export const placeThereBefore = (place: string) => `${place}: repeated in the same text.`;

export const fileLabel = 'A file of positions or games';

export const fileHelp = 'FEN or EPD lines, a PGN file, or a CSV table with a column “fen”';

export const pasteLabel = 'Or paste positions';

export const pasteHelp = 'One on a line, or games, or a table';

export const readProve = 'Read and prove';

export const provingHelp =
  'Every position is checked on this machine; the server proves again what you store.';

export const reading = (report: string) => `${report} Still reading ...`;

export const stopped = 'Stopped.';

export const moreThanRead = 'The file holds more; ten thousand are read at once.';

export const storedAlready = (known: number, part: string) => `${known} of the mates ${part} stored already.`;

export const notSaidWhatIsStored = 'The server did not say which of them are stored already.';

export const placeUndecided = (place: string) => `${place}: too much to look at; prove it on the Desk.`;
