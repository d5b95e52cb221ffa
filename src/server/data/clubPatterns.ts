import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ClubId, ClubPatternId, TaskId } from '@/contracts/ids';
import { clubPictureSchema, type ClubPicture } from '@/core/patterns';
import type { Db } from '../db';
import { tagOfOurs } from './tasks';

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

/** The club's own names these tasks end in. */
export async function listOursOfTasks(
  db: Db,
  clubId: ClubId,
  taskIds: readonly TaskId[],
): Promise<ReadonlyMap<TaskId, readonly string[]>> {
  const found = new Map<TaskId, string[]>();
  const ours = new Map(
    (await listClubPatterns(db, clubId)).map((own) => [tagOfOurs(own.clubPatternId) as string, own.name]),
  );
  if (ours.size === 0) return found;
  const rows: { readonly task_id: number; readonly tag: string }[] = await db('task_tags')
    .whereIn('task_id', [...taskIds])
    .whereIn('tag', [...ours.keys()])
    .select('task_id', 'tag');
  for (const { task_id: taskId, tag } of rows) {
    found.set(taskId as TaskId, [...(found.get(taskId as TaskId) ?? []), ours.get(tag) ?? '']);
  }
  return found;
}

/** Gives how many were there: none when it is another club's or already gone. */
export function deleteClubPattern(db: Db, clubId: ClubId, clubPatternId: ClubPatternId): Promise<number> {
  return db('club_patterns').where({ club_id: clubId, id: clubPatternId }).delete();
}
