/** Which piece an exercise is about, in the families that ask about one: what a child can do with a rook says nothing of a knight. */
import { z } from 'zod/mini';
import type { Role } from '../board';
import { getDraft } from '../notation';
import type { FamilyId } from './registry';

const PIECE_FAMILIES: readonly FamilyId[] = [
  'reach',
  'count-reach',
  'route',
  'route-unguarded',
  'route-answered',
  'best-square',
  'collect',
];
const pieceTaskSchema = z.object({ fen: z.string(), square: z.number() });

/** Has every task of this family one piece it is about? */
export const isAboutPiece = (family: FamilyId): boolean => PIECE_FAMILIES.includes(family);

/** The piece a stored task is about; undefined where its family asks about none. */
export function findAskedPiece(family: FamilyId, task: unknown): Role | undefined {
  const parsed = isAboutPiece(family) ? pieceTaskSchema.safeParse(task) : undefined;
  return parsed?.success === true ? getDraft(parsed.data.fen).board[parsed.data.square]?.role : undefined;
}

/** The pieces whose moves a child learns. */
export const LEARNT_PIECES: readonly Role[] = ['rook', 'bishop', 'queen', 'king', 'knight', 'pawn'];
