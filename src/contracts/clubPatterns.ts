import { z } from 'zod';
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
  name: z.string().trim().min(1).max(60),
  fen: z.string().min(1).max(100),
  /** The squares that belong to the picture. */
  marked: z.array(z.number().int().min(0).max(63)).max(16),
});
export type NewClubPattern = z.infer<typeof newClubPatternSchema>;

export const removeClubPatternSchema = z.object({ clubPatternId: clubPatternIdSchema });
