import type { ClubPattern, NewClubPattern } from '@/contracts/clubPatterns';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubPatternId } from '@/contracts/ids';
import { makeFen, parseFen } from '@/core/notation';
import { makeClubPicture } from '@/core/patterns';
import { checkPosition } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import type { CoachActor } from '../auth/actors';
import {
  createClubPattern,
  deleteClubPattern,
  findClubPattern,
  listClubPatterns,
} from '../data/clubPatterns';
import { getDb, storeOnce, withTransaction } from '../db';

/** The mates that have a name in this club alone. */
export function listOwnClubPatterns(actor: CoachActor): Promise<ClubPattern[]> {
  return listClubPatterns(getDb(), actor.clubId);
}

/** Keeps what is marked on a mate under a name; the same request twice is there once. */
export async function addClubPattern(
  actor: CoachActor,
  { requestId, name, fen, marked }: NewClubPattern,
): Promise<Result<ClubPatternId, ServiceFault>> {
  const draft = parseFen(fen);
  if (!draft.ok) return draft;
  const checked = checkPosition(draft.value);
  if (!checked.ok) return failure(checked.error[0] ?? { code: 'fen/empty' });
  const picture = makeClubPicture(checked.value, marked);
  if (!picture.ok) return picture;
  return storeOnce(async (db) => {
    const known = await findClubPattern(db, { requestId });
    if (known !== undefined) return success(known);
    if ((await findClubPattern(db, { clubId: actor.clubId, name })) !== undefined)
      return failure<ServiceFault>({ code: 'pattern/name-taken' });
    const id = await createClubPattern(db, {
      clubId: actor.clubId,
      name,
      fen: makeFen(checked.value),
      picture: picture.value,
      requestId,
      now: new Date(),
    });
    return success(id);
  });
}

/** Takes a name away; one that is gone already is gone. */
export async function removeClubPattern(
  actor: CoachActor,
  { clubPatternId }: { clubPatternId: ClubPatternId },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    await deleteClubPattern(db, actor.clubId, clubPatternId);
    return success(undefined);
  });
}
