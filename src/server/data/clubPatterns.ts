import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ClubId, ClubPatternId } from '@/contracts/ids';
import { clubPictureSchema, type ClubPicture } from '@/core/patterns';
import type { Db } from '../db';

/** A club's own named mates, by name. */
export async function listClubPatterns(db: Db, clubId: ClubId): Promise<ClubPattern[]> {
  const rows: { id: number; name: string; fen: string; picture: unknown }[] = await db('club_patterns')
    .where({ club_id: clubId })
    .orderBy('name')
    .select('id', 'name', 'fen', 'picture');
  return rows.map(({ id, name, fen, picture }) => ({
    clubPatternId: id as ClubPatternId,
    name,
    fen,
    picture: clubPictureSchema.parse(picture),
  }));
}

export async function findClubPattern(
  db: Db,
  where: { readonly requestId: string } | { readonly clubId: ClubId; readonly name: string },
): Promise<ClubPatternId | undefined> {
  const columns =
    'requestId' in where ? { request_id: where.requestId } : { club_id: where.clubId, name: where.name };
  const row = await db('club_patterns').where(columns).first('id');
  return row?.id as ClubPatternId | undefined;
}

export async function createClubPattern(
  db: Db,
  input: {
    readonly clubId: ClubId;
    readonly name: string;
    readonly fen: string;
    readonly picture: ClubPicture;
    readonly requestId: string;
    readonly now: Date;
  },
): Promise<ClubPatternId> {
  const [id] = await db('club_patterns').insert({
    club_id: input.clubId,
    name: input.name,
    fen: input.fen,
    picture: JSON.stringify(input.picture),
    request_id: input.requestId,
    created_at: input.now,
  });
  return id as ClubPatternId;
}

/** Gives how many were there: none when it is another club's or already gone. */
export function deleteClubPattern(db: Db, clubId: ClubId, clubPatternId: ClubPatternId): Promise<number> {
  return db('club_patterns').where({ club_id: clubId, id: clubPatternId }).delete();
}
