import { z } from 'zod/mini';
import { MOST_LETTERS } from './bounds';
import type { ClubPicture } from '@/core/patterns';
import { clubPatternIdSchema, requestIdSchema, type ClubPatternId } from './ids';

/** A picture of the club's own and what it is called. */
export interface NamedPicture {
  readonly name: string;
  readonly picture: ClubPicture;
}

/** A mate with a name of the club's own. */
export interface ClubPattern extends NamedPicture {
  readonly clubPatternId: ClubPatternId;
  /** The mate it was marked on. */
  readonly fen: string;
}

export const newClubPatternSchema = z.object({
  requestId: requestIdSchema,
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(MOST_LETTERS.name)),
  fen: z.string().check(z.minLength(1), z.maxLength(100)),
  /** The squares that belong to the picture. */
  marked: z.array(z.int().check(z.minimum(0), z.maximum(63))).check(z.maxLength(16)),
});
export type NewClubPattern = z.infer<typeof newClubPatternSchema>;

export const removeClubPatternSchema = z.object({ clubPatternId: clubPatternIdSchema });
