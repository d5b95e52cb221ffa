/** Terms, and what happens to classes where one ends and the next begins. */
import { z } from 'zod/mini';
import { MOST_LETTERS } from './bounds';
import { LEVELS } from '@/core/exercises';
import {
  classIdSchema,
  requestIdSchema,
  studentIdSchema,
  termIdSchema,
  type RosterChangeId,
  type TermId,
} from './ids';
import { nameSchema, type ClassSummary, type NameCard } from './people';

/** A day as YYYY-MM-DD. */
export const daySchema = z.iso.date();

export const newTermSchema = z.object({
  name: nameSchema(MOST_LETTERS.name),
  startsOn: daySchema,
  /** The last day. */
  endsOn: daySchema,
});
export type NewTerm = z.infer<typeof newTermSchema>;

/** A term with another name or other days. */
export const changedTermSchema = z.extend(newTermSchema, { termId: termIdSchema });
export type ChangedTerm = z.infer<typeof changedTermSchema>;

export interface Term {
  readonly termId: TermId;
  readonly name: string;
  readonly startsOn: string;
  readonly endsOn: string;
}

export interface TermSummary extends Term {
  readonly isCurrent: boolean;
  /** It does not lie before the one that runs, so classes may be taken into it. */
  readonly isOpen: boolean;
  readonly classes: readonly ClassSummary[];
}

/** Where a child goes: into a class that is made in the same step, into one that is there, or out of the club's classes. */
const destinationSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('new'), key: z.string().check(z.minLength(1), z.maxLength(40)) }),
  z.object({ kind: z.literal('class'), classId: classIdSchema }),
  z.object({ kind: z.literal('leaves') }),
]);
export type Destination = z.infer<typeof destinationSchema>;

/**
 * Any number of children moved in one step, and the classes made for them. A class that is heir of another one takes over its code, so
 * that the children's cards stay good, and its coaches, words and path. Two classes whose children go to one are merged, one whose
 * children go to two is split.
 */
export const rosterChangeSchema = z.object({
  requestId: requestIdSchema,
  /** Where new classes belong; not needed when none is made. */
  termId: z.optional(termIdSchema),
  classes: z
    .array(
      z.object({
        key: z.string().check(z.minLength(1), z.maxLength(40)),
        name: nameSchema(MOST_LETTERS.name),
        level: z.optional(z.literal(LEVELS)),
        heirOf: z.optional(classIdSchema),
      }),
    )
    .check(
      z.maxLength(40),
      z.refine(
        (classes) => new Set(classes.map(({ key }) => key)).size === classes.length,
        'two classes of one key',
      ),
      z.refine((classes) => {
        const heirs = classes.flatMap(({ heirOf }) => heirOf ?? []);
        return new Set(heirs).size === heirs.length;
      }, 'two heirs of one class'),
    ),
  moves: z
    .array(z.object({ studentId: studentIdSchema, fromClassId: classIdSchema, to: destinationSchema }))
    .check(z.minLength(1), z.maxLength(600)),
});
export type RosterChange = z.infer<typeof rosterChangeSchema>;

export interface MadeRosterChange {
  readonly changeId: RosterChangeId;
  readonly moved: number;
  readonly left: number;
  readonly made: number;
}

/** A change that has not been taken back. */
export interface PastRosterChange extends MadeRosterChange {
  readonly madeAt: string;
  /** Nothing has been built on it yet. */
  readonly mayUndo: boolean;
  readonly coachName: string;
}

export const undoRosterChangeSchema = z.object({ changeId: z.coerce.number().check(z.int(), z.positive()) });

/** What the page shows on which a term is begun. */
export interface TermTurn {
  readonly term: Term;
  /** Classes with children in them now that belong to an earlier term. */
  readonly from: readonly (ClassSummary & { readonly students: readonly NameCard[] })[];
  /** Classes the term has already. */
  readonly into: readonly ClassSummary[];
}
