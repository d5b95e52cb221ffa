import { z } from 'zod/mini';
import { requestIdSchema, studentIdSchema } from './ids';

/** More children than a class has do not answer on one device; more answers are not kept there. */
const MOST_CHILDREN = 100;
const MOST_ANSWERS = 10_000;

const unsentCountSchema = z.object({
  studentId: studentIdSchema,
  answers: z.int().check(z.minimum(0), z.maximum(MOST_ANSWERS)),
});
/** So many answers of this child lie on the device. */
export type UnsentCount = z.infer<typeof unsentCountSchema>;

/** What a device tells of all the answers that it holds, whoever gave them. */
export const unsentNewsSchema = z.object({
  deviceId: requestIdSchema,
  counts: z.array(unsentCountSchema).check(z.maxLength(MOST_CHILDREN)),
});
export type UnsentNews = z.infer<typeof unsentNewsSchema>;
