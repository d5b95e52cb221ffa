/** How a club or a class calls things, and how much is explained to its children. */
import { z } from 'zod/mini';
import { MOST_LETTERS } from './bounds';
import type { ClassId } from './ids';

/** What may have a name of the house; the three answers to check are the king's going away, the taking, the putting between. */
export const HOUSE_TERMS = [
  'pawn',
  'knight',
  'bishop',
  'rook',
  'queen',
  'king',
  'go-away',
  'take',
  'put-between',
  'capture',
  'in-passing',
  'castle',
  'checkmate',
  'stalemate',
  'file',
  'rank',
  'diagonal',
] as const;
export type HouseTerm = (typeof HOUSE_TERMS)[number];

/** full: every reason is told. short: one reason, in one sentence, for who reads slowly. */
export const READING_LEVELS = ['full', 'short'] as const;
export type ReadingLevel = (typeof READING_LEVELS)[number];

/** One and several are stored with a slash between them, so a word has none. */
const wordSchema = z
  .string()
  .check(
    z.trim(),
    z.minLength(1),
    z.maxLength(MOST_LETTERS.houseWord),
    z.regex(/^[^/]+$/, 'a word has no slash'),
  );
export const houseWordSchema = z.object({
  term: z.enum(HOUSE_TERMS),
  one: wordSchema,
  /** Of several; with an s at the end when nothing is said. */
  many: z.optional(wordSchema),
});
export type HouseWord = z.infer<typeof houseWordSchema>;

export const houseWordsSchema = z.array(houseWordSchema).check(
  z.maxLength(HOUSE_TERMS.length),
  z.refine((words) => new Set(words.map(({ term }) => term)).size === words.length, 'a term has two words'),
);

export const saveHouseWordsSchema = z.object({
  /** Null: the whole club. */
  classId: z.nullable(
    z.pipe(
      z.number().check(z.int(), z.positive()),
      z.transform((id) => id as ClassId),
    ),
  ),
  words: houseWordsSchema,
  readingLevel: z.enum(READING_LEVELS),
});
export type SaveHouseWords = z.infer<typeof saveHouseWordsSchema>;

/** What is spoken on a page: the class's own words before those of the club. */
export interface SpokenWords {
  readonly words: readonly HouseWord[];
  readonly readingLevel: ReadingLevel;
}

export interface HouseWordsPage {
  readonly club: readonly HouseWord[];
  readonly classes: readonly (SpokenWords & { readonly classId: ClassId; readonly name: string })[];
}
