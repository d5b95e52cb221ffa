/**
 * A list on a page holds so many at most: of a class, a set or a club that has gathered more, the newest. No term of a class comes near it; what
 * is longer is found by searching, or in the file of the whole.
 */
export const MOST_LISTED = 500;

/** Letters a text has at most, for the field it is entered in and for the contract that takes it. */
export const MOST_LETTERS = {
  /** A person who teaches, a class, a term, a mate of the club. */
  name: 60,
  nickname: 40,
  /** A set, a plan, a segment, a label, a club. */
  title: 120,
  houseWord: 40,
  password: 200,
  /** What a coach means to say in a segment. */
  notes: 2000,
  /** A day as it is printed. */
  printedDay: 40,
} as const;

/** Letters a new password has at least. */
export const LEAST_PASSWORD = 10;

export const LESSON_MINUTES = { least: 5, most: 300 } as const;
export const MOST_SEGMENT_MINUTES = 180;

/** Printed at once of a blank sheet. */
export const MOST_SHEETS = 50;
