import { z } from 'zod/mini';
import { ROLES, SIDES } from '../../board';
import { parseMoveText } from '../../notation';

/** How the student answers; one player on screen for each. */
export const ANSWER_MODES = ['play', 'tap', 'place', 'write', 'number', 'choose'] as const;
export type AnswerMode = (typeof ANSWER_MODES)[number];

export const squareSchema = z.int().check(z.minimum(0), z.maximum(63));
/** Drops taken back because the man had slipped to a neighbouring square; said of the answer, never counted as wrong. */
const slipsSchema = z._default(z.int().check(z.minimum(0), z.maximum(99)), 0);
const codeSchema = z.string().check(z.minLength(1), z.maxLength(40));

const playAnswerSchema = z.object({
  kind: z.literal('play'),
  /** The moves from the home position on; both sides' where somebody answers. */
  moves: z
    .array(z.string().check(z.refine((text) => parseMoveText(text) !== undefined, 'not a move')))
    .check(z.minLength(1), z.maxLength(64)),
  slips: slipsSchema,
});
const tapAnswerSchema = z.object({
  kind: z.literal('tap'),
  marks: z.array(z.object({ square: squareSchema, label: z.optional(codeSchema) })).check(z.maxLength(64)),
});
export const placedMenSchema = z
  .array(z.object({ square: squareSchema, side: z.enum(SIDES), role: z.enum(ROLES) }))
  .check(z.maxLength(64));
const placeAnswerSchema = z.object({
  kind: z.literal('place'),
  men: placedMenSchema,
  slips: slipsSchema,
});
const writeAnswerSchema = z.object({ kind: z.literal('write'), text: z.string().check(z.maxLength(200)) });
const numberAnswerSchema = z.object({
  kind: z.literal('number'),
  value: z.int().check(z.minimum(-999), z.maximum(999)),
});
const chooseAnswerSchema = z.object({
  kind: z.literal('choose'),
  options: z.array(codeSchema).check(z.maxLength(20)),
  /** The order of the options is part of the answer. */
  ordered: z._default(z.boolean(), false),
});

/** What a student did, as stored with the attempt. */
export const answerSchema = z.discriminatedUnion('kind', [
  playAnswerSchema,
  tapAnswerSchema,
  placeAnswerSchema,
  writeAnswerSchema,
  numberAnswerSchema,
  chooseAnswerSchema,
]);
export type Answer = z.infer<typeof answerSchema>;
export type AnswerOf<Mode extends AnswerMode> = Extract<Answer, { kind: Mode }>;
