/**
 * A mate with a name of the club's own. A coach marks on a mated position what belongs to the picture: men of the mating side, own men
 * that block. What is not marked does not matter. The picture is kept as steps from the mated king in the frame (`form.ts`) and is
 * read by the same matcher as the book's; without pawns of the mating side among the marked men it may be turned in every way, with
 * one left and right only.
 */
import { z } from 'zod/mini';
import { fileOf, opponentOf, rankOf, ROLES, type Square } from '../board';
import type { Position } from '../rules';
import { failure, success, type Result } from '../shared';
import type { Condition, PatternDefinition, Spot } from './form';
import { openMate } from './mateBoard';

const spotSchema = z.tuple([
  z.int().check(z.minimum(-7), z.maximum(7)),
  z.int().check(z.minimum(-7), z.maximum(7)),
]);
const placedSchema = z.object({ role: z.enum(ROLES), at: spotSchema });

export const clubPictureSchema = z.object({
  checker: placedSchema,
  /** Other men of the mating side. */
  men: z.array(placedSchema).check(z.maxLength(6)),
  /** Squares beside the king on which its own men stand. */
  blocked: z.array(spotSchema).check(z.maxLength(8)),
});
export type ClubPicture = z.infer<typeof clubPictureSchema>;

export type ClubPictureFault =
  | { readonly code: 'pattern/no-mate' }
  | { readonly code: 'pattern/double-check' }
  | { readonly code: 'pattern/too-many-men' };

const MOST_MEN = 6;

/** The squares that may be marked: men of the mating side but for the checking one, and own men beside the king. */
export function listMarkable(position: Position): readonly Square[] {
  const mate = openMate(position);
  if (mate === undefined) return [];
  const blockers = mate.neighbours.filter(({ isBlocked }) => isBlocked).map(({ square }) => square);
  const men = mate.listMen(ROLES).filter((square) => !mate.checkers.includes(square));
  return [...men, ...blockers];
}

/** What a coach will want marked: the men without which it is no mate, and all that block. */
export function listUsuallyMarked(position: Position): readonly Square[] {
  const mate = openMate(position);
  return listMarkable(position).filter(
    (square) => position.board[square]?.side === position.turn || mate?.isEssential(square) === true,
  );
}

/** The picture of what is marked; the man that gives the check belongs to it always. */
export function makeClubPicture(
  position: Position,
  marked: readonly Square[],
): Result<ClubPicture, ClubPictureFault> {
  const mate = openMate(position);
  const [checker, ...others] = mate?.checkers ?? [];
  if (mate === undefined || checker === undefined) return failure({ code: 'pattern/no-mate' });
  if (others.length > 0) return failure({ code: 'pattern/double-check' });
  const spotOf = (square: Square): [number, number] => [
    fileOf(square) - fileOf(mate.king),
    (mate.mated === 'black' ? 1 : -1) * (rankOf(square) - rankOf(mate.king)),
  ];
  const placedAt = (square: Square) => {
    const man = position.board[square];
    return man === undefined ? [] : [{ role: man.role, at: spotOf(square) }];
  };
  const chosen = listMarkable(position).filter((square) => marked.includes(square));
  const men = chosen.filter((square) => position.board[square]?.side === opponentOf(mate.mated));
  const [first] = placedAt(checker);
  if (first === undefined) return failure({ code: 'pattern/no-mate' });
  if (men.length > MOST_MEN) return failure({ code: 'pattern/too-many-men' });
  return success({
    checker: first,
    men: men.flatMap(placedAt),
    blocked: chosen.filter((square) => !men.includes(square)).map(spotOf),
  });
}

/** The picture as a definition like the book's; more specific than all of them. */
export function defineClubPattern<Id extends string>(
  id: Id,
  { checker, men, blocked }: ClubPicture,
): PatternDefinition<Id> {
  const [supporter, ...rest] = men;
  const hasPawn = [checker, ...men].some(({ role }) => role === 'pawn');
  const and: Condition[] = [
    ...(supporter === undefined
      ? []
      : [{ is: 'man', as: 'supporter', who: [supporter.role], at: [supporter.at] } as const]),
    ...rest.map(({ role, at }) => ({ is: 'stands', who: role, at }) as const),
    ...(blocked.length === 0
      ? []
      : [{ is: 'blocked', at: blocked as readonly Spot[], need: 'all', mustExist: true } as const]),
  ];
  return {
    id,
    rank: 0,
    strict: [
      { king: 'anywhere', turns: hasPawn ? 'mirror' : 'all', checker: [checker.role], at: [checker.at], and },
    ],
    loose: [],
  };
}
