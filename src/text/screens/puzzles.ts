export const storedSoFar = 'Stored so far';

export const provingEach = (noun: string, done: number, of: number) =>
  `Proving each ${noun} once more and storing it: ${done} of ${of}. `;

export const stopStoring = 'Stop storing';

export const openSet = 'Open the set';

export const store = (count: string) => `Store ${count}`;

export const cardLabel = (noun: string, number: number, side: string) => `${noun} ${number}, ${side} to move`;

export const cardTitle = (number: number, mateInMoves: number) => `${number}. Mate in ${mateInMoves}`;

export const howMany = 'How many';

export const compose = 'Compose';

export const composeOthers = 'Compose others';

export const noAnswerNothingLost =
  'The server did not answer. Nothing is lost: try again, and it goes on where it stopped.';

export const stored = (count: string) => `${count} stored, each proved once more.`;

export const composeHelp =
  'Every puzzle is fresh and proved: one first move, no shorter mate. Compose again for different ones.';

export const browserStopped = 'The browser stopped the calculation. Compose again.';

export const soFar = (count: string, asked: number) => `${count} of ${asked} so far ...`;

export const stoppedWith = (count: string) => `Stopped with ${count}.`;

export const onlySomeFound = (count: string, asked: number) =>
  `Only ${count} of ${asked} were found. Choose fewer filters.`;

export const eachProved = (count: string) => `${count}, each proved.`;

export const notSaidWhatIsNew = (className: string) =>
  `The server did not say what ${className} has met before.`;

export const allNew = (className: string) => `All are new to ${className}.`;

export const someLeftOut = (className: string, leftOut: number) =>
  `All are new to ${className}; ${leftOut} like them ${leftOut === 1 ? 'was' : 'were'} left out.`;

/** What is stored or shown on a card. */
export const CARD_WORDS = { puzzle: 'Puzzle', stair: 'Stair' };

export const STORED_WORDS = { puzzle: 'puzzle', stair: 'stair' };
