/** A class's children as a list from elsewhere. */
import { z } from 'zod/mini';
import { MOST_LETTERS } from './bounds';
import { classIdSchema, requestIdSchema } from './ids';
import { nameSchema } from './people';

export const MOST_ROSTER_ROWS = 100;

export const rosterTextSchema = z.object({
  classId: classIdSchema,
  text: z.string().check(z.minLength(1), z.maxLength(100_000)),
});

/** Why a row is not offered. */
export type RosterFault = 'no-name' | 'too-long' | 'no-text' | 'twice' | 'in-class' | 'has-left';

export interface RosterRow {
  /** In the text, from 1. */
  readonly line: number;
  readonly name: string;
  readonly fault: RosterFault | undefined;
}

export interface ReadRoster {
  readonly rows: readonly RosterRow[];
  /** Columns that were not looked at, by their heading. */
  readonly leftOut: readonly string[];
}

export const addChildrenSchema = z.object({
  requestId: requestIdSchema,
  classId: classIdSchema,
  names: z.array(nameSchema(MOST_LETTERS.nickname)).check(z.minLength(1), z.maxLength(MOST_ROSTER_ROWS)),
});

/** Of one class, or of all one may see. */
export const rosterFileSchema = z.object({ classId: z.optional(classIdSchema) });
