/** What a child's answers and games come to over time; counted by the database. */
import { MOST_LISTED } from '@/contracts/bounds';
import type { AnswerSum } from '@/contracts/progress';
import type { ClassId, GameId, StudentId } from '@/contracts/ids';
import { chanceSchema, type Chance } from '@/core/proof';
import type { Side } from '@/core/board';
import { columnsOf, computed, listRows, type Db } from '../db';
import { JUDGE_VERSION } from './attempts';

/** What the answers of `answersOf` come to. */
function sumColumns(db: Db) {
  return columnsOf({
    answers: computed(db.raw('SUM(attempts.try_number = 1)'), Number),
    right: computed(
      db.raw("SUM(attempts.try_number = 1 AND verdicts.outcome = 'right' AND attempts.hints = 0)"),
      Number,
    ),
    spentMs: computed(db.raw('SUM(attempts.spent_ms)'), Number),
  });
}

function answersOf(db: Db, studentId: StudentId) {
  return db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('attempts.student_id', studentId)
    .where('verdicts.judge_version', JUDGE_VERSION);
}

const HOUR_MS = 3_600_000;

/** By the hour they were given in: hours, not days, since where a day begins depends on the club. */
export async function listHourSums(
  db: Db,
  studentId: StudentId,
): Promise<(AnswerSum & { readonly at: Date })[]> {
  const hour = "TIMESTAMPDIFF(HOUR, '1970-01-01', attempts.answered_at)";
  return listRows(answersOf(db, studentId).groupByRaw(hour).orderByRaw(hour), {
    at: computed(db.raw(hour), (value) => new Date(Number(value) * HOUR_MS)),
    ...sumColumns(db),
  });
}

/** By class, the newest first. */
export async function listClassSums(
  db: Db,
  studentId: StudentId,
): Promise<
  (AnswerSum & { readonly classId: ClassId; readonly className: string; readonly termName: string })[]
> {
  const byClass = answersOf(db, studentId)
    .join('classes', 'classes.id', 'attempts.class_id')
    .join('terms', 'terms.id', 'classes.term_id')
    .groupBy('classes.id', 'classes.name', 'terms.name', 'terms.starts_on')
    .orderBy([{ column: 'terms.starts_on', order: 'desc' }, { column: 'classes.name' }]);
  return listRows(byClass, {
    classId: 'classes.id',
    className: 'classes.name',
    termName: 'terms.name',
    ...sumColumns(db),
  });
}

/** The mistakes that answers which were not right show, the commonest first. */
export async function countMistakes(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly code: string; readonly answers: number }[]> {
  const shown = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .joinRaw("JOIN JSON_TABLE(verdicts.diagnoses, '$.codes[*]' COLUMNS (code VARCHAR(60) PATH '$')) AS shown")
    .where('attempts.student_id', studentId)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .whereNot('verdicts.outcome', 'right')
    .groupBy('shown.code')
    .orderByRaw('answers DESC, shown.code');
  return listRows(shown, {
    code: computed(db.raw('shown.code'), String),
    answers: computed(db.raw('COUNT(DISTINCT attempts.id)'), Number),
  });
}

/** The games a child played, the newest first, with the chances they held for either side. */
export async function listOwnGames(
  db: Db,
  studentId: StudentId,
): Promise<
  {
    readonly gameId: GameId;
    readonly title: string;
    readonly side: Side | undefined;
    readonly chances: readonly Chance[];
  }[]
> {
  const newest = db('games').where('student_id', studentId).orderBy('id', 'desc').limit(MOST_LISTED);
  const games = await listRows(newest, { gameId: 'games.id', title: 'games.title', side: 'games.side' });
  const ofGames = db('game_chances').whereIn(
    'game_id',
    games.map(({ gameId }) => gameId),
  );
  const chances = await listRows(ofGames, { gameId: 'game_chances.game_id', chance: 'game_chances.chance' });
  return games.map(({ gameId, title, side }) => ({
    gameId,
    title,
    side: side ?? undefined,
    chances: chances.filter((row) => row.gameId === gameId).map(({ chance }) => chanceSchema.parse(chance)),
  }));
}
