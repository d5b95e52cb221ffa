/** Whole games with what they held. */
import type { ClubId, CoachId, GameId, StudentId, TaskId } from '@/contracts/ids';
import type { GameSummary, SourceGame } from '@/contracts/games';
import type { Side } from '@/core/board';
import { RESULTS, type GameResult, type MoveText } from '@/core/notation';
import { chanceSchema, type Chance } from '@/core/proof';
import { columnsOf, computed, findRow, findValue, insertRow, listRows, parsed, type Db } from '../db';

export interface GameRecord {
  readonly gameId: GameId;
  readonly clubId: ClubId;
  readonly title: string;
  readonly result: GameResult;
  readonly fen: string;
  readonly moves: readonly MoveText[];
  readonly studentName: string | undefined;
  readonly side: Side | undefined;
}

export interface NewGameRow {
  readonly clubId: ClubId;
  readonly addedBy: CoachId;
  readonly playedBy: { readonly studentId: StudentId; readonly side: Side } | undefined;
  readonly title: string;
  readonly result: GameResult;
  readonly fen: string;
  readonly moves: readonly MoveText[];
  readonly addedAt: Date;
  readonly requestId: string;
  readonly chances: readonly (Chance & { readonly exactKey: string })[];
}

export async function findGameByRequest(db: Db, requestId: string): Promise<GameId | undefined> {
  return findValue(db('games').where({ request_id: requestId }), 'games.id');
}

export async function createGame(db: Db, game: NewGameRow): Promise<GameId> {
  const gameId = await insertRow(db, 'games', {
    club_id: game.clubId,
    added_by: game.addedBy,
    student_id: game.playedBy?.studentId ?? null,
    side: game.playedBy?.side ?? null,
    title: game.title,
    result: game.result,
    start_fen: game.fen,
    moves: game.moves.join(' '),
    added_at: game.addedAt,
    request_id: game.requestId,
  });
  if (game.chances.length > 0) {
    await db('game_chances').insert(
      game.chances.map(({ exactKey, ...chance }) => ({
        game_id: gameId,
        ply: chance.ply,
        exact_key: exactKey,
        chance: JSON.stringify(chance),
      })),
    );
  }
  return gameId;
}

/** Removes the game with its chances; puzzles made of it stay. */
export async function deleteGame(db: Db, gameId: GameId): Promise<void> {
  await db('game_chances').where({ game_id: gameId }).delete();
  await db('games').where({ id: gameId }).delete();
}

/**
 * The games of the club a coach may see: nobody's, those brought in by this coach, and those of children now in a class this coach
 * teaches. Without a coach all of them. The builder never leaves this file.
 */
function selectGames(db: Db, clubId: ClubId, onlyOf: CoachId | undefined) {
  const query = db('games')
    .leftJoin('people', 'people.id', 'games.student_id')
    .where('games.club_id', clubId);
  if (onlyOf !== undefined) {
    void query.where((some) => {
      void some
        .whereNull('games.student_id')
        .orWhere('games.added_by', onlyOf)
        .orWhereExists(
          db('enrolments')
            .join('class_coaches', 'class_coaches.class_id', 'enrolments.class_id')
            .where('class_coaches.coach_id', onlyOf)
            .whereNull('enrolments.ends_on')
            .whereRaw('enrolments.student_id = games.student_id')
            .select('enrolments.id'),
        );
    });
  }
  return query;
}

const resultOf = (text: string): GameResult => RESULTS.find((result) => result === text) ?? '*';
const movesOf = (text: string): MoveText[] => text.split(' ').filter((move) => move !== '');

const GAME_COLUMNS = columnsOf({
  gameId: 'games.id',
  title: 'games.title',
  result: parsed('games.result', resultOf),
  moves: parsed('games.moves', movesOf),
  studentName: parsed('people.display_name', (name: string | null) => name ?? undefined),
});

/** Newest first. */
export async function listGames(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  most: number,
): Promise<GameSummary[]> {
  const newest = selectGames(db, clubId, onlyOf)
    .orderBy([
      { column: 'games.added_at', order: 'desc' },
      { column: 'games.id', order: 'desc' },
    ])
    .limit(most);
  const rows = await listRows(newest, {
    ...GAME_COLUMNS,
    chances: computed(db('game_chances').count().whereRaw('game_chances.game_id = games.id'), Number),
  });
  return rows.map(({ moves, ...game }) => ({ ...game, plies: moves.length }));
}

/** Undefined also where this coach may not see it. */
export async function findGame(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  gameId: GameId,
): Promise<GameRecord | undefined> {
  return findRow(selectGames(db, clubId, onlyOf).where('games.id', gameId), {
    ...GAME_COLUMNS,
    clubId: 'games.club_id',
    fen: 'games.start_fen',
    side: parsed('games.side', (side) => side ?? undefined),
  });
}

/** What the game held, in its order, each with the names of the sets its position lies in now. */
export async function listChancesOfGame(
  db: Db,
  clubId: ClubId,
  gameId: GameId,
): Promise<(Chance & { readonly sets: readonly string[] })[]> {
  const rows = await listRows(db('game_chances').where({ game_id: gameId }).orderBy('ply'), {
    chance: 'game_chances.chance',
    exactKey: 'game_chances.exact_key',
  });
  const inSets = db('tasks')
    .join('set_items', 'set_items.task_id', 'tasks.id')
    .join('set_versions', 'set_versions.id', 'set_items.set_version_id')
    .join('sets', 'sets.id', 'set_versions.set_id')
    .where('tasks.club_id', clubId)
    .where('tasks.family', 'mate')
    .whereRaw(
      'set_versions.version = (SELECT MAX(version) FROM set_versions newest WHERE newest.set_id = sets.id)',
    )
    .whereIn(
      'tasks.exact_key',
      rows.map(({ exactKey }) => exactKey),
    )
    .distinct();
  const sets = await listRows(inSets, { exactKey: 'tasks.exact_key', name: 'sets.name' });
  return rows.map((row) => ({
    ...chanceSchema.parse(row.chance),
    sets: sets.filter(({ exactKey }) => exactKey === row.exactKey).map(({ name }) => name),
  }));
}

/** The games from which these puzzles come, of those the coach may see; one for each puzzle, the newest. */
export async function listSourceGames(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  taskIds: readonly TaskId[],
): Promise<ReadonlyMap<TaskId, SourceGame>> {
  const sources = selectGames(db, clubId, onlyOf)
    .join('game_chances', 'game_chances.game_id', 'games.id')
    .join('tasks', 'tasks.exact_key', 'game_chances.exact_key')
    .where('tasks.club_id', clubId)
    .where('tasks.family', 'mate')
    .whereIn('tasks.id', [...taskIds])
    .orderBy('games.id');
  const rows = await listRows(sources, { taskId: 'tasks.id', gameId: 'games.id', title: 'games.title' });
  return new Map(rows.map(({ taskId, ...game }) => [taskId, game] as const));
}
