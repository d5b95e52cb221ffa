export const take = 'Take';

export const mates = (moves: number, countOf: number) => `mates in ${moves} (${countOf})`;

export const thoseSeveralKeysToo = (several: number) => `those with several keys too (${several})`;

export const thoseStoredAlreadyToo = (known: number) => `those stored already too (${known})`;

export const more = (toLocaleString: string) => `and ${toLocaleString} more.`;

export const firstSetHoldsNo = (part: number, toLocaleString: string) =>
  `The first ${part} of ${toLocaleString}: a set holds no more at once.`;

export const leftAsideWhy = (count: string) => `${count} skipped, and why`;

export const more2 = (part: number) => `and ${part} more.`;
