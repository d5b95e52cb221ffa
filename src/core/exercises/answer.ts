import { z } from 'zod';
import { ROLES, SIDES } from '../board';
import { parseMoveText } from '../notation';

/** How the student answers; one player on screen for each. */
export const ANSWER_MODES = ['play', 'tap', 'place', 'write', 'number', 'choose'] as const;
export type AnswerMode = (typeof ANSWER_MODES)[number];

export const squareSchema = z.number().int().min(0).max(63);
/** Drops taken back because the man had slipped to a neighbouring square; said of the answer, never counted as wrong. */
const slipsSchema = z.number().int().min(0).max(99).default(0);
const codeSchema = z.string().min(1).max(40);

const playAnswerSchema = z.object({
  kind: z.literal('play'),
  /** The moves from the home position on; both sides' where somebody answers. */
  moves: z
    .array(z.string().refine((text) => parseMoveText(text) !== undefined, 'not a move'))
    .min(1)
    .max(64),
  slips: slipsSchema,
});
const tapAnswerSchema = z.object({
  kind: z.literal('tap'),
  marks: z.array(z.object({ square: squareSchema, label: codeSchema.optional() })).max(64),
});
export const placedMenSchema = z
  .array(z.object({ square: squareSchema, side: z.enum(SIDES), role: z.enum(ROLES) }))
  .max(64);
const placeAnswerSchema = z.object({
  kind: z.literal('place'),
  men: placedMenSchema,
  slips: slipsSchema,
});
const writeAnswerSchema = z.object({ kind: z.literal('write'), text: z.string().max(200) });
const numberAnswerSchema = z.object({
  kind: z.literal('number'),
  value: z.number().int().min(-999).max(999),
});
const chooseAnswerSchema = z.object({
  kind: z.literal('choose'),
  options: z.array(codeSchema).max(20),
  /** The order of the options is part of the answer. */
  ordered: z.boolean().default(false),
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
