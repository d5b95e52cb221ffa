import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ClubId, ClubPatternId, TaskId } from '@/contracts/ids';
import { clubPictureSchema, type ClubPicture } from '@/core/patterns';
import { findValue, insertRow, listRows, parsed, type Db } from '../db';
import { tagOfOurs } from './tasks';

/** A club's own named mates, by name. */
export async function listClubPatterns(db: Db, clubId: ClubId): Promise<ClubPattern[]> {
  return listRows(db('club_patterns').where({ club_id: clubId }).orderBy('name'), {
    clubPatternId: 'club_patterns.id',
    name: 'club_patterns.name',
    fen: 'club_patterns.fen',
    picture: parsed('club_patterns.picture', (value) => clubPictureSchema.parse(value)),
  });
}

export async function findClubPattern(
  db: Db,
  where: { readonly requestId: string } | { readonly clubId: ClubId; readonly name: string },
): Promise<ClubPatternId | undefined> {
  const columns =
    'requestId' in where ? { request_id: where.requestId } : { club_id: where.clubId, name: where.name };
  return findValue(db('club_patterns').where(columns), 'club_patterns.id');
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
  return insertRow(db, 'club_patterns', {
    club_id: input.clubId,
    name: input.name,
    fen: input.fen,
    picture: JSON.stringify(input.picture),
    request_id: input.requestId,
    created_at: input.now,
  });
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
  const tagged = db('task_tags')
    .whereIn('task_id', [...taskIds])
    .whereIn('tag', [...ours.keys()]);
  for (const { taskId, tag } of await listRows(tagged, { taskId: 'task_tags.task_id', tag: 'task_tags.tag' }))
    found.set(taskId, [...(found.get(taskId) ?? []), ours.get(tag) ?? '']);
  return found;
}

/** Gives how many were there: none when it is another club's or already gone. */
export function deleteClubPattern(db: Db, clubId: ClubId, clubPatternId: ClubPatternId): Promise<number> {
  return db('club_patterns').where({ club_id: clubId, id: clubPatternId }).delete();
}
