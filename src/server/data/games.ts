/** Whole games with what they held. */
import type { ClubId, CoachId, GameId, StudentId, TaskId } from '@/contracts/ids';
import type { GameSummary, SourceGame } from '@/contracts/games';
import { SIDES, type Side } from '@/core/board';
import { RESULTS, type GameResult, type MoveText } from '@/core/notation';
import { chanceSchema, type Chance } from '@/core/proof';
import type { Db } from '../db';

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
  const row = await db('games').where({ request_id: requestId }).first('id');
  return row?.id as GameId | undefined;
}

export async function createGame(db: Db, game: NewGameRow): Promise<GameId> {
  const [id] = await db('games').insert({
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
        game_id: id,
        ply: chance.ply,
        exact_key: exactKey,
        chance: JSON.stringify(chance),
      })),
    );
  }
  return id as GameId;
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

interface GameRow {
  readonly id: number;
  readonly club_id: number;
  readonly title: string;
  readonly result: string;
  readonly start_fen: string;
  readonly moves: string;
  readonly display_name: string | null;
  readonly side: string | null;
}

const resultOf = (text: string): GameResult => RESULTS.find((result) => result === text) ?? '*';
const movesOf = (text: string): MoveText[] => text.split(' ').filter((move) => move !== '');

/** Newest first. */
export async function listGames(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  most: number,
): Promise<GameSummary[]> {
  const rows: (GameRow & { readonly chances: number })[] = await selectGames(db, clubId, onlyOf)
    .orderBy([
      { column: 'games.added_at', order: 'desc' },
      { column: 'games.id', order: 'desc' },
    ])
    .limit(most)
    .select(
      'games.id',
      'games.title',
      'games.result',
      'games.moves',
      'people.display_name',
      db('game_chances').count().whereRaw('game_chances.game_id = games.id').as('chances'),
    );
  return rows.map((row) => ({
    gameId: row.id as GameId,
    title: row.title,
    result: resultOf(row.result),
    plies: movesOf(row.moves).length,
    studentName: row.display_name ?? undefined,
    chances: row.chances,
  }));
}

/** Undefined also where this coach may not see it. */
export async function findGame(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  gameId: GameId,
): Promise<GameRecord | undefined> {
  const row: GameRow | undefined = await selectGames(db, clubId, onlyOf)
    .where('games.id', gameId)
    .first('games.*', 'people.display_name');
  return (
    row && {
      gameId: row.id as GameId,
      clubId: row.club_id as ClubId,
      title: row.title,
      result: resultOf(row.result),
      fen: row.start_fen,
      moves: movesOf(row.moves),
      studentName: row.display_name ?? undefined,
      side: SIDES.find((side) => side === row.side),
    }
  );
}

/** What the game held, in its order, each with the names of the sets its position lies in now. */
export async function listChancesOfGame(
  db: Db,
  clubId: ClubId,
  gameId: GameId,
): Promise<(Chance & { readonly sets: readonly string[] })[]> {
  const rows: { readonly chance: unknown; readonly exact_key: string }[] = await db('game_chances')
    .where({ game_id: gameId })
    .orderBy('ply')
    .select('chance', 'exact_key');
  const sets: { readonly exact_key: string; readonly name: string }[] = await db('tasks')
    .join('set_items', 'set_items.task_id', 'tasks.id')
    .join('set_versions', 'set_versions.id', 'set_items.set_version_id')
    .join('sets', 'sets.id', 'set_versions.set_id')
    .where({ 'tasks.club_id': clubId, 'tasks.family': 'mate' })
    .whereRaw(
      'set_versions.version = (SELECT MAX(version) FROM set_versions newest WHERE newest.set_id = sets.id)',
    )
    .whereIn(
      'tasks.exact_key',
      rows.map((row) => row.exact_key),
    )
    .distinct('tasks.exact_key', 'sets.name');
  return rows.map((row) => ({
    ...chanceSchema.parse(row.chance),
    sets: sets.filter((set) => set.exact_key === row.exact_key).map(({ name }) => name),
  }));
}

/** The games from which these puzzles come, of those the coach may see; one for each puzzle, the newest. */
export async function listSourceGames(
  db: Db,
  clubId: ClubId,
  onlyOf: CoachId | undefined,
  taskIds: readonly TaskId[],
): Promise<ReadonlyMap<TaskId, SourceGame>> {
  const rows: { readonly task_id: number; readonly id: number; readonly title: string }[] = await selectGames(
    db,
    clubId,
    onlyOf,
  )
    .join('game_chances', 'game_chances.game_id', 'games.id')
    .join('tasks', 'tasks.exact_key', 'game_chances.exact_key')
    .where({ 'tasks.club_id': clubId, 'tasks.family': 'mate' })
    .whereIn('tasks.id', [...taskIds])
    .orderBy('games.id')
    .select('tasks.id as task_id', 'games.id', 'games.title');
  return new Map(
    rows.map((row) => [row.task_id as TaskId, { gameId: row.id as GameId, title: row.title }] as const),
  );
}
