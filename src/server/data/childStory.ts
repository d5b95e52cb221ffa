/** What a child's answers and games come to over time; counted by the database. */
import { MOST_LISTED } from '@/contracts/bounds';
import type { AnswerSum } from '@/contracts/progress';
import type { ClassId, GameId, StudentId } from '@/contracts/ids';
import { chanceSchema, type Chance } from '@/core/proof';
import { SIDES, type Side } from '@/core/board';
import type { Db } from '../db';
import { JUDGE_VERSION } from './attempts';

interface SumRow {
  answers: string | number;
  right_at_once: string | number;
  spent_ms: string | number;
}

const toSum = (row: SumRow): AnswerSum => ({
  answers: Number(row.answers),
  right: Number(row.right_at_once),
  spentMs: Number(row.spent_ms),
});

function selectSums(db: Db, studentId: StudentId) {
  return db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('attempts.student_id', studentId)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .select(
      db.raw('SUM(attempts.try_number = 1) AS answers'),
      db.raw(
        "SUM(attempts.try_number = 1 AND verdicts.outcome = 'right' AND attempts.hints = 0) AS right_at_once",
      ),
      db.raw('SUM(attempts.spent_ms) AS spent_ms'),
    );
}

const HOUR_MS = 3_600_000;

/** By the hour they were given in: hours, not days, since where a day begins depends on the club. */
export async function listHourSums(
  db: Db,
  studentId: StudentId,
): Promise<(AnswerSum & { readonly at: Date })[]> {
  const hour = "TIMESTAMPDIFF(HOUR, '1970-01-01', attempts.answered_at)";
  const rows: (SumRow & { hour: number })[] = await selectSums(db, studentId)
    .select(db.raw(`${hour} AS hour`))
    .groupByRaw(hour)
    .orderByRaw(hour);
  return rows.map((row) => ({ at: new Date(row.hour * HOUR_MS), ...toSum(row) }));
}

/** By class, the newest first. */
export async function listClassSums(
  db: Db,
  studentId: StudentId,
): Promise<
  (AnswerSum & { readonly classId: ClassId; readonly className: string; readonly termName: string })[]
> {
  const rows: (SumRow & { id: number; name: string; term_name: string })[] = await selectSums(db, studentId)
    .join('classes', 'classes.id', 'attempts.class_id')
    .join('terms', 'terms.id', 'classes.term_id')
    .groupBy('classes.id', 'classes.name', 'terms.name', 'terms.starts_on')
    .orderBy([{ column: 'terms.starts_on', order: 'desc' }, { column: 'classes.name' }])
    .select('classes.id', 'classes.name', 'terms.name as term_name');
  return rows.map((row) => ({
    classId: row.id as ClassId,
    className: row.name,
    termName: row.term_name,
    ...toSum(row),
  }));
}

/** The mistakes that answers which were not right show, the commonest first. */
export async function countMistakes(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly code: string; readonly answers: number }[]> {
  const rows: { code: string; answers: number }[] = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .joinRaw("JOIN JSON_TABLE(verdicts.diagnoses, '$.codes[*]' COLUMNS (code VARCHAR(60) PATH '$')) AS shown")
    .where('attempts.student_id', studentId)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .whereNot('verdicts.outcome', 'right')
    .groupBy('shown.code')
    .orderByRaw('answers DESC, shown.code')
    .select('shown.code', db.raw('COUNT(DISTINCT attempts.id) AS answers'));
  return rows;
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
  const games: { id: number; title: string; side: string | null }[] = await db('games')
    .where('student_id', studentId)
    .orderBy('id', 'desc')
    .limit(MOST_LISTED)
    .select('id', 'title', 'side');
  const chances: { game_id: number; chance: unknown }[] = await db('game_chances')
    .whereIn(
      'game_id',
      games.map(({ id }) => id),
    )
    .select('game_id', 'chance');
  return games.map(({ id, title, side }) => ({
    gameId: id as GameId,
    title,
    side: SIDES.find((one) => one === side),
    chances: chances.filter((row) => row.game_id === id).map(({ chance }) => chanceSchema.parse(chance)),
  }));
}
