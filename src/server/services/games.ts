/** Whole games: kept with what they held, for a child or for the club. */
import { MOST_LISTED } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { GamePage, GameSummary, NewGame, StoredGame, StudentChoice } from '@/contracts/games';
import type { GameId } from '@/contracts/ids';
import { getPosition, parseFen } from '@/core/notation';
import { makeExactKey } from '@/core/puzzles';
import { checkPosition } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { runInPool } from '@/workers/node';
import { findClassFor, type CoachActor } from '../auth/actors';
import { addAuditEntry } from '../data/auditLog';
import { isStudentOfClass, listClasses, listStudents } from '../data/classes';
import {
  createGame,
  deleteGame,
  findGame,
  findGameByRequest,
  listChancesOfGame,
  listGames,
} from '../data/games';
import { getDb, storeOnce, withTransaction } from '../db';
import { getNow } from './clock';

/** A lead sees every game of the club. */
const onlyOf = (actor: CoachActor) => (actor.isLead ? undefined : actor.coachId);

export function listOwnGames(actor: CoachActor): Promise<GameSummary[]> {
  return listGames(getDb(), actor.clubId, onlyOf(actor), MOST_LISTED);
}

/** The children a game can belong to: those now in the coach's classes. */
export async function listStudentChoices(actor: CoachActor): Promise<StudentChoice[]> {
  const db = getDb();
  const classes = await listClasses(db, actor.clubId, onlyOf(actor));
  const choices = classes.map(async ({ classId, name: className }) =>
    (await listStudents(db, classId)).map(({ studentId, name }) => ({ classId, className, studentId, name })),
  );
  return (await Promise.all(choices)).flat();
}

/**
 * Keeps a game. What it held is found once more by the server at the places named, whatever the browser found. The same request id keeps
 * it once.
 */
export async function addGame(actor: CoachActor, input: NewGame): Promise<Result<StoredGame, ServiceFault>> {
  const { requestId, title, result, fen, moves, playedBy, plies, maxMoves } = input;
  const draft = parseFen(fen);
  if (!draft.ok) return draft;
  const start = checkPosition(draft.value);
  if (!start.ok) return failure(start.error[0] ?? { code: 'fen/empty' });
  if (
    playedBy !== undefined &&
    (await findClassFor(getDb(), actor, playedBy.classId, 'game/added')) === undefined
  ) {
    return failure({ code: 'class/not-found' });
  }
  const answer = await runInPool({ kind: 'chances', fen, moves, plies, maxMoves });
  if (answer.kind === 'busy') return failure({ code: 'workers/busy' });
  if (answer.kind === 'not-a-game') return failure({ code: 'game/not-legal', ply: answer.ply });
  if (answer.kind === 'not-a-position') throw new Error('a checked position was refused by the worker');
  const chances = answer.chances.map((chance) => ({
    ...chance,
    exactKey: makeExactKey(getPosition(chance.fen)),
  }));
  return storeOnce(async (db) => {
    const known = await findGameByRequest(db, requestId);
    if (known !== undefined) return success({ gameId: known, chances: chances.length });
    if (playedBy !== undefined && !(await isStudentOfClass(db, playedBy.classId, playedBy.studentId))) {
      return failure<ServiceFault>({ code: 'class/not-found' });
    }
    const { clubId, coachId: addedBy } = actor;
    const addedAt = getNow();
    const gameId = await createGame(db, {
      clubId,
      addedBy,
      playedBy,
      title,
      result,
      fen,
      moves,
      addedAt,
      requestId,
      chances,
    });
    return success({ gameId, chances: chances.length });
  });
}

export async function getGamePage(
  actor: CoachActor,
  gameId: GameId,
): Promise<Result<GamePage, ServiceFault>> {
  const db = getDb();
  const found = await findGame(db, actor.clubId, onlyOf(actor), gameId);
  if (found === undefined) return failure({ code: 'game/not-found' });
  const { title, result, fen, moves, studentName, side } = found;
  const chances = await listChancesOfGame(db, actor.clubId, gameId);
  return success({ gameId, title, result, fen, moves, studentName, side, chances });
}

/** Takes a game away with what it held; puzzles made of it stay. Taken away twice, it is gone once. */
export async function removeGame(
  actor: CoachActor,
  { gameId }: { readonly gameId: GameId },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    const found = await findGame(db, actor.clubId, onlyOf(actor), gameId);
    if (found === undefined) return failure<ServiceFault>({ code: 'game/not-found' });
    await deleteGame(db, gameId);
    await addAuditEntry(db, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'game/removed',
      details: { gameId },
      now: getNow(),
    });
    return success(undefined);
  });
}
