export const storedSoFar = 'Stored so far';

export const provingEachOnceMore = (noun: string, done: number, of: number) =>
  `Proving each ${noun} once more and storing it: ${done} of ${of}. `;

export const stopStoring = 'Stop storing';

export const openSet = 'Open the set';

export const putThemInto = 'Put them into';

export const store = (count: string) => `Store ${count}`;

export const move = (noun: string, number: number, side: string) => `${noun} ${number}, ${side} to move`;

export const mate = (number: number, mateInMoves: number) => `${number}. Mate in ${mateInMoves}`;

export const howMany = 'How many';

export const compose = 'Compose';

export const composeOthers = 'Compose others';

export const stop = 'Stop';
