/** 0..63 with a1 = 0, b1 = 1, h8 = 63. A plain number: a brand would be lost at the first addition. */
export type Square = number;

export const FILE_LETTERS = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'] as const;
const FILES_TEXT = FILE_LETTERS.join('');

/** 0 for the a-file to 7 for the h-file. */
export function fileOf(square: Square): number {
  return square & 7;
}

/** 0 for the first rank to 7 for the eighth. */
export function rankOf(square: Square): number {
  return square >> 3;
}

/** The square on this file and rank, each 0..7; undefined off the board. */
export function squareAt(file: number, rank: number): Square | undefined {
  return file >= 0 && file < 8 && rank >= 0 && rank < 8 ? rank * 8 + file : undefined;
}

/** Text such as "e4", always lower case. */
export function makeSquareName(square: Square): string {
  return `${FILES_TEXT.charAt(fileOf(square))}${rankOf(square) + 1}`;
}

/** Reads "e4"; undefined for anything else. */
export function parseSquareName(text: string): Square | undefined {
  if (text.length !== 2) return undefined;
  const file = FILES_TEXT.indexOf(text.charAt(0));
  const rank = '12345678'.indexOf(text.charAt(1));
  return file < 0 ? undefined : squareAt(file, rank);
}

/** Is it a dark square? a1 is dark (FIDE Laws of Chess, article 2.1). */
export function isDarkSquare(square: Square): boolean {
  return (fileOf(square) + rankOf(square)) % 2 === 0;
}

/** Steps a king needs between two squares on an empty board; 1 = neighbours. */
export function kingDistance(one: Square, other: Square): number {
  return Math.max(Math.abs(fileOf(one) - fileOf(other)), Math.abs(rankOf(one) - rankOf(other)));
}
