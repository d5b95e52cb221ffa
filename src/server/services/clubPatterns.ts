import type { ClubPattern, NamedPicture, NewClubPattern } from '@/contracts/clubPatterns';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubId, ClubPatternId, TaskId } from '@/contracts/ids';
import { makeFen, parseFen } from '@/core/notation';
import { makeClubPicture } from '@/core/patterns';
import type { SolutionGraph } from '@/core/puzzles';
import { checkPosition } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { runInPool } from '@/workers/node';
import type { CoachActor } from '../auth/actors';
import {
  createClubPattern,
  deleteClubPattern,
  findClubPattern,
  listClubPatterns,
} from '../data/clubPatterns';
import { listSolutions, tagAsOurs, untagOurs } from '../data/tasks';
import { getDb, storeOnce, withTransaction } from '../db';
import { getNow } from './clock';

/** Mates read in one question to a worker thread: some tens of milliseconds. */
const BATCH = 200;

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
  const ending = await listEnding(actor.clubId, { name, picture: picture.value });
  if (!ending.ok) return ending;
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
      now: getNow(),
    });
    await tagAsOurs(db, id, ending.value);
    return success(id);
  });
}

/** The club's stored mates that end in a picture. */
async function listEnding(clubId: ClubId, ours: NamedPicture): Promise<Result<TaskId[], ServiceFault>> {
  const ending: TaskId[] = [];
  let after: TaskId | undefined;
  for (;;) {
    const puzzles = await listSolutions(getDb(), clubId, { after, most: BATCH });
    const last = puzzles.at(-1);
    if (last === undefined) return success(ending);
    after = last.taskId;
    const named = await nameOurs([{ ...ours, clubPatternId: undefined }], puzzles);
    if (!named.ok) return named;
    ending.push(
      ...puzzles.filter((_, index) => named.value[index]?.length === 1).map(({ taskId }) => taskId),
    );
  }
}

/** For each mate the club's own names every longest defence ends in; asked of the worker threads. */
export async function nameOurs<Id>(
  ours: readonly (NamedPicture & { readonly clubPatternId: Id })[],
  puzzles: readonly { readonly fen: string; readonly graph: SolutionGraph }[],
): Promise<Result<Id[][], ServiceFault>> {
  if (ours.length === 0) return success(puzzles.map(() => []));
  const answer = await runInPool({
    kind: 'name-ours',
    ours: ours.map(({ name, picture }) => ({ name, picture })),
    puzzles: puzzles.map(({ fen, graph }) => ({ fen, graph })),
  });
  if (answer.kind === 'busy') return failure({ code: 'workers/busy' });
  return success(
    answer.named.map((places) =>
      places.flatMap((place) => ours.slice(place, place + 1).map(({ clubPatternId }) => clubPatternId)),
    ),
  );
}

/** Takes a name away; one that is gone already is gone. */
export async function removeClubPattern(
  actor: CoachActor,
  { clubPatternId }: { clubPatternId: ClubPatternId },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if ((await deleteClubPattern(db, actor.clubId, clubPatternId)) > 0) await untagOurs(db, clubPatternId);
    return success(undefined);
  });
}
