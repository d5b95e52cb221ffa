import { z } from 'zod/mini';
import { MOST_LETTERS, MOST_SHEETS } from './bounds';
import { classIdSchema } from './ids';

export const PAPER_SIZES = ['a4', 'letter'] as const;
/** Diagrams on one sheet. */
export const DIAGRAMS_PER_SHEET = [1, 2, 4, 6, 9, 12] as const;
/** With large print there is no room for more. */
export const MOST_LARGE_DIAGRAMS = 4;
/** The tasks of a set to solve; its positions to be set up from words; boards to draw on. */
export const SHEET_KINDS = ['tasks', 'set-up'] as const;
export const SHEET_PARTS = ['both', 'sheets', 'key'] as const;

/** A box of a form that is not ticked is not sent. */
const tickSchema = z.pipe(
  z.optional(z.literal('on')),
  z.transform((value) => value === 'on'),
);
export const paperSchema = z._default(z.enum(PAPER_SIZES), 'a4');
const perSheetSchema = z._default(z.pipe(z.coerce.number(), z.literal(DIAGRAMS_PER_SHEET)), 6);

/** What a form on paper asks for; it comes in the address, so that a sheet can be printed again. */
export const setSheetsSchema = z.object({
  kind: z._default(z.enum(SHEET_KINDS), 'tasks'),
  paper: paperSchema,
  perSheet: perSheetSchema,
  parts: z._default(z.enum(SHEET_PARTS), 'both'),
  coordinates: tickSchema,
  lines: tickSchema,
  large: tickSchema,
  /** A copy for each child of the class, with its nickname. */
  names: tickSchema,
  classId: z.optional(
    z.union([
      z.pipe(
        z.literal(''),
        z.transform(() => undefined),
      ),
      classIdSchema,
    ]),
  ),
  date: z._default(z.string().check(z.trim(), z.maxLength(MOST_LETTERS.printedDay)), ''),
});
export type SetSheets = z.infer<typeof setSheetsSchema>;

export const blankSheetsSchema = z.object({
  paper: paperSchema,
  perSheet: perSheetSchema,
  sheets: z._default(z.coerce.number().check(z.int(), z.minimum(1), z.maximum(MOST_SHEETS)), 1),
  coordinates: tickSchema,
  lines: tickSchema,
});
export type BlankSheets = z.infer<typeof blankSheetsSchema>;

export const planSheetSchema = z.object({ paper: paperSchema });
export type PlanSheet = z.infer<typeof planSheetSchema>;

export const cardsSchema = z.object({ paper: paperSchema });
export type CardsRequest = z.infer<typeof cardsSchema>;

/** A file ready to be sent. */
export interface PrintedFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}
