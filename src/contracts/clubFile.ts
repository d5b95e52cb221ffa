/**
 * One club in a file of its own: a zip of "club.json" (what it is), "tables/NAME.json" (the rows of a table, as an array of objects), and, for
 * other programs, "games.pgn" and "sets/*.pgn". docs/club-file.md describes every part.
 */
import { z } from 'zod/mini';

export const CLUB_FILE_FORMAT = 'vorschule-club';
export const CLUB_FILE_VERSION = 1;

export const clubFileHeadSchema = z.object({
  format: z.literal(CLUB_FILE_FORMAT),
  version: z.literal(CLUB_FILE_VERSION),
  madeAt: z.iso.datetime(),
  /** The last step of the schema it was made with. */
  step: z.string().check(z.maxLength(120)),
  club: z.string().check(z.minLength(1), z.maxLength(120)),
  /** With the names, passwords and keys of people, and with what is about single ones: emails, audit log, answers that were not saved. */
  hasNames: z.boolean(),
});
export type ClubFileHead = z.infer<typeof clubFileHeadSchema>;

/** A row as it stands in the file: moments as ISO 8601 in UTC, days as YYYY-MM-DD, bytes as base64. */
export const openRowSchema = z.record(z.string(), z.json());
export type OpenRow = z.infer<typeof openRowSchema>;

/** What importing had to change or leave open. */
export interface ImportedClub {
  readonly club: string;
  readonly rows: number;
  /** A class whose code is another one's here. */
  readonly newCodes: readonly { readonly className: string; readonly code: string }[];
  /** A coach whose sign-in name is another one's here. */
  readonly newSignInNames: readonly { readonly was: string; readonly is: string }[];
  /** Nobody can sign in as its lead: the code with which one sets it up. */
  readonly setUpCode: string | undefined;
}

/** Why a file is not taken. */
export type ClubFileFault =
  | { readonly code: 'club-file/not-a-zip'; readonly why: string }
  | { readonly code: 'club-file/too-large'; readonly most: number }
  | { readonly code: 'club-file/no-club'; readonly part: string; readonly why: string }
  | {
      readonly code: 'club-file/other-version';
      readonly table: string;
      readonly column: string;
      readonly step: string;
    }
  | {
      readonly code: 'club-file/points-nowhere';
      readonly table: string;
      readonly row: number;
      readonly column: string;
    }
  | { readonly code: 'club-file/not-taken'; readonly table: string; readonly why: string }
  | { readonly code: 'club-file/name-taken'; readonly club: string };
