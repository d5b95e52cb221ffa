import { clubSettingsSchema } from '@/contracts/clubs';
import type { ClubId, RoundId, TaskId } from '@/contracts/ids';
import { exerciseTaskSchema, mateTaskSchema, type ExerciseTask, type MateTask } from '@/core/exercises';
import type { PatternId } from '@/core/patterns';
import { gradeSchema, solutionGraphSchema, type Grade, type SolutionGraph } from '@/core/puzzles';
import type { Db } from '../db';

/** A puzzle with its stored solution, both parsed: a corrupt row throws here, not in a child's face. */
export interface StoredPuzzle {
  readonly taskId: TaskId;
  readonly family: 'mate';
  readonly task: MateTask;
  readonly solution: SolutionGraph;
}
export type StoredExercise = ExerciseTask & { readonly taskId: TaskId };
export type StoredTask = StoredPuzzle | StoredExercise;

export interface NewPuzzle {
  readonly clubId: ClubId;
  readonly familyVersion: number;
  readonly skill: string;
  readonly level: number;
  readonly task: MateTask;
  readonly exactKey: string;
  readonly twinKey: string;
  readonly ideaKey: string;
  readonly grade: Grade;
  readonly source: string | undefined;
  readonly solution: SolutionGraph;
  /** Named mates it ends in. */
  readonly patterns: readonly PatternId[];
  readonly keyCount: number;
  readonly proverVersion: number;
  readonly provedAt: Date;
}

/** The club's mate task for exactly this position. */
export async function findMateTask(db: Db, clubId: ClubId, exactKey: string): Promise<TaskId | undefined> {
  const row = await db('tasks').where({ club_id: clubId, family: 'mate', exact_key: exactKey }).first('id');
  return row?.id as TaskId | undefined;
}

/** Which of these positions the club has stored as mates. */
export async function listKnownKeys(db: Db, clubId: ClubId, exactKeys: readonly string[]): Promise<string[]> {
  return db('tasks')
    .where({ club_id: clubId, family: 'mate' })
    .whereIn('exact_key', [...exactKeys])
    .pluck('exact_key');
}

/** Stores task and solution together; a duplicate position is refused by the unique key. */
export async function createMateTask(db: Db, input: NewPuzzle): Promise<TaskId> {
  const [id] = await db('tasks').insert({
    club_id: input.clubId,
    family: 'mate',
    family_version: input.familyVersion,
    skill: input.skill,
    level: input.level,
    payload: JSON.stringify(input.task),
    exact_key: input.exactKey,
    twin_key: input.twinKey,
    source: input.source ?? null,
    retired_at: null,
  });
  await db('task_solutions').insert({
    task_id: id,
    format_version: input.solution.formatVersion,
    prover_version: input.proverVersion,
    mate_moves: input.solution.mateInMoves,
    key_count: input.keyCount,
    graph: JSON.stringify(input.solution),
    proved_at: input.provedAt,
  });
  await db('task_ideas').insert({ task_id: id, club_id: input.clubId, idea_key: input.ideaKey });
  await db('task_grades').insert(gradeRow(id as TaskId, input.grade));
  if (input.patterns.length > 0)
    await db('task_tags').insert(input.patterns.map((pattern) => ({ task_id: id, tag: tagOf(pattern) })));
  return id as TaskId;
}

const gradeRow = (taskId: TaskId, { level, number, reasons }: Grade) => ({
  task_id: taskId,
  level,
  number,
  reasons: JSON.stringify(reasons),
});

/** The grades of these tasks that have one: mates. */
export async function listGrades(db: Db, taskIds: readonly TaskId[]): Promise<ReadonlyMap<TaskId, Grade>> {
  const rows: { task_id: number; level: number; number: number; reasons: unknown }[] = await db('task_grades')
    .whereIn('task_id', [...taskIds])
    .select('task_id', 'level', 'number', 'reasons');
  return new Map(
    rows.map(({ task_id: taskId, ...grade }) => [taskId as TaskId, gradeSchema.parse(grade)] as const),
  );
}

/** Mates without a key of their idea or without a grade, the oldest first. */
export async function listUnkeyedPuzzles(
  db: Db,
  most: number,
): Promise<(StoredPuzzle & { readonly clubId: ClubId })[]> {
  const rows: { id: number; club_id: number; payload: unknown; graph: unknown }[] = await db('tasks')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .leftJoin('task_ideas', 'task_ideas.task_id', 'tasks.id')
    .leftJoin('task_grades', 'task_grades.task_id', 'tasks.id')
    .where('tasks.family', 'mate')
    .where((missing) => {
      void missing.whereNull('task_ideas.task_id').orWhereNull('task_grades.task_id');
    })
    .orderBy('tasks.id')
    .limit(most)
    .select('tasks.id', 'tasks.club_id', 'tasks.payload', 'task_solutions.graph');
  return rows.map((row) => ({
    taskId: row.id as TaskId,
    clubId: row.club_id as ClubId,
    family: 'mate',
    task: mateTaskSchema.parse(row.payload),
    solution: solutionGraphSchema.parse(row.graph),
  }));
}

/** Keys and grade of a mate that was stored without them, or with those of an older kind. */
export async function storePuzzleKeys(
  db: Db,
  taskId: TaskId,
  { clubId, twinKey, ideaKey, grade }: Pick<NewPuzzle, 'clubId' | 'twinKey' | 'ideaKey' | 'grade'>,
): Promise<void> {
  await db('tasks').where({ id: taskId }).update({ twin_key: twinKey });
  await db('task_ideas').where({ task_id: taskId }).delete();
  await db('task_ideas').insert({ task_id: taskId, club_id: clubId, idea_key: ideaKey });
  await db('task_grades').where({ task_id: taskId }).delete();
  await db('task_grades').insert(gradeRow(taskId, grade));
}

const tagOf = (pattern: PatternId) => `pattern:${pattern}`;

/** The club's puzzles that end in a named mate, the shortest first, of one length the newest. */
export async function listPuzzlesOfPattern(
  db: Db,
  clubId: ClubId,
  pattern: PatternId,
  most: number,
): Promise<{ readonly taskId: TaskId; readonly task: MateTask }[]> {
  const rows: { readonly id: number; readonly payload: unknown }[] = await db('task_tags')
    .join('tasks', 'tasks.id', 'task_tags.task_id')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where({ 'tasks.club_id': clubId, 'task_tags.tag': tagOf(pattern) })
    .orderBy([{ column: 'task_solutions.mate_moves' }, { column: 'tasks.id', order: 'desc' }])
    .limit(most)
    .select('tasks.id', 'tasks.payload');
  return rows.map(({ id, payload }) => ({ taskId: id as TaskId, task: mateTaskSchema.parse(payload) }));
}

/** The club's exercise with exactly this task, stored now when it is not there yet. `key` is made from family and task. */
export async function findOrCreateExercise(
  db: Db,
  clubId: ClubId,
  exercise: ExerciseTask & { readonly familyVersion: number; readonly skill: string },
  key: string,
): Promise<TaskId> {
  const { family, familyVersion, skill, level, task } = exercise;
  const known = await db('tasks').where({ club_id: clubId, family, exact_key: key }).first('id');
  if (known !== undefined) return known.id as TaskId;
  const [id] = await db('tasks').insert({
    club_id: clubId,
    family,
    family_version: familyVersion,
    skill,
    level,
    payload: JSON.stringify(task),
    exact_key: key,
    twin_key: key,
    source: null,
    retired_at: null,
  });
  return id as TaskId;
}

interface TaskRowOfVersion {
  readonly id: number;
  readonly family: string;
  readonly level: number;
  readonly payload: unknown;
  readonly graph: unknown;
  readonly settings: unknown;
}

const TASK_COLUMNS = [
  'tasks.id',
  'tasks.family',
  'tasks.level',
  'tasks.payload',
  'task_solutions.graph',
  'clubs.settings',
];

/** The tasks of a set version in its order, mate lengths to be counted as the club counts now. */
export async function listTasksOfVersion(db: Db, setVersionId: number): Promise<StoredTask[]> {
  const rows: TaskRowOfVersion[] = await db('set_items')
    .join('tasks', 'tasks.id', 'set_items.task_id')
    .join('clubs', 'clubs.id', 'tasks.club_id')
    .leftJoin('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('set_items.set_version_id', setVersionId)
    .orderBy('set_items.ordinal')
    .select(TASK_COLUMNS);
  return rows.map(toStoredTask);
}

/** The tasks of a practice round in its order. */
export async function listTasksOfPractice(db: Db, roundId: RoundId): Promise<StoredTask[]> {
  const rows: TaskRowOfVersion[] = await db('practice_tasks')
    .join('tasks', 'tasks.id', 'practice_tasks.task_id')
    .join('clubs', 'clubs.id', 'tasks.club_id')
    .leftJoin('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('practice_tasks.round_id', roundId)
    .orderBy('practice_tasks.ordinal')
    .select(TASK_COLUMNS);
  return rows.map(toStoredTask);
}

function toStoredTask(row: TaskRowOfVersion): StoredTask {
  const taskId = row.id as TaskId;
  if (row.family !== 'mate') {
    const { family, level, payload: task } = row;
    return { taskId, ...exerciseTaskSchema.parse({ family, level, task }) };
  }
  return {
    taskId,
    family: 'mate',
    task: {
      ...mateTaskSchema.parse(row.payload),
      count: clubSettingsSchema.parse(row.settings).mateCount,
    },
    solution: solutionGraphSchema.parse(row.graph),
  };
}
