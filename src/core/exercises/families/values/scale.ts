import { z } from 'zod/mini';
import type { ValueScale } from '../../../board';

/** Points for each man as the club counts them, when the task was made; the king has none. */
const pointsSchema = z.number().check(z.minimum(0), z.maximum(20));

export const scaleSchema = z.object({
  pawn: pointsSchema,
  knight: pointsSchema,
  bishop: pointsSchema,
  rook: pointsSchema,
  queen: pointsSchema,
  king: z.literal(0),
}) satisfies z.ZodMiniType<ValueScale>;

export type Scale = z.infer<typeof scaleSchema>;
