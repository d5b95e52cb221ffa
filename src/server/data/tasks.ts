import { clubSettingsSchema } from '@/contracts/clubs';
import { clubPatternFilter, type PatternFilter } from '@/contracts/library';
import type { ClubId, ClubPatternId, RoundId, SetVersionId, StudentId, TaskId } from '@/contracts/ids';
import { exerciseTaskSchema, mateTaskSchema, type ExerciseTask, type MateTask } from '@/core/exercises';
import { PATTERN_IDS, type PatternId } from '@/core/patterns';
import { startPuzzleRating } from '@/core/progress';
import {
  gradeSchema,
  solutionGraphSchema,
  type Grade,
  type KeyKind,
  type PuzzleFacts,
  type SolutionGraph,
} from '@/core/puzzles';
import {
  columnsOf,
  findRow,
  findValue,
  insertRow,
  listRows,
  listValues,
  optional,
  parsed,
  type Db,
  type Selected,
} from '../db';

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
  readonly task: MateTask;
  readonly exactKey: string;
  readonly twinKey: string;
  readonly ideaKey: string;
  readonly grade: Grade;
  readonly source: string | undefined;
  readonly solution: SolutionGraph;
  readonly facts: PuzzleFacts;
  /** Named mates it ends in. */
  readonly patterns: readonly PatternId[];
  /** Names of the club's own it ends in. */
  readonly ours: readonly ClubPatternId[];
  readonly keyCount: number;
  readonly proverVersion: number;
  readonly provedAt: Date;
}

const MATE_TASK = parsed('tasks.payload', (payload) => mateTaskSchema.parse(payload));
const SOLUTION = parsed('task_solutions.graph', (graph) => solutionGraphSchema.parse(graph));

/** The club's mate task for exactly this position. */
export async function findMateTask(db: Db, clubId: ClubId, exactKey: string): Promise<TaskId | undefined> {
  return findValue(db('tasks').where({ club_id: clubId, family: 'mate', exact_key: exactKey }), 'tasks.id');
}

/** Which of these positions the club has stored as mates. */
export async function listKnownKeys(db: Db, clubId: ClubId, exactKeys: readonly string[]): Promise<string[]> {
  const known = db('tasks')
    .where({ club_id: clubId, family: 'mate' })
    .whereIn('exact_key', [...exactKeys]);
  return listValues(known, 'tasks.exact_key');
}

/** Stores task and solution together; a duplicate position is refused by the unique key. */
export async function createMateTask(db: Db, input: NewPuzzle): Promise<TaskId> {
  const taskId = await insertRow(db, 'tasks', {
    club_id: input.clubId,
    family: 'mate',
    family_version: input.familyVersion,
    skill: input.skill,
    level: input.grade.level,
    payload: JSON.stringify(input.task),
    exact_key: input.exactKey,
    twin_key: input.twinKey,
    source: input.source ?? null,
    retired_at: null,
  });
  await db('task_solutions').insert({
    task_id: taskId,
    format_version: input.solution.formatVersion,
    prover_version: input.proverVersion,
    mate_moves: input.solution.mateInMoves,
    key_count: input.keyCount,
    graph: JSON.stringify(input.solution),
    proved_at: input.provedAt,
  });
  await addLookups(db, taskId, input);
  return taskId;
}

/** What a puzzle is found, told and rated by. */
type Lookups = Pick<NewPuzzle, 'clubId' | 'ideaKey' | 'grade' | 'facts' | 'patterns' | 'ours'>;

async function addLookups(db: Db, taskId: TaskId, lookups: Lookups): Promise<void> {
  const { clubId, ideaKey, grade, facts, patterns, ours } = lookups;
  const task = { task_id: taskId, club_id: clubId };
  await db('task_ideas').insert({ ...task, idea_key: ideaKey });
  await db('task_grades').insert({
    task_id: taskId,
    level: grade.level,
    number: grade.number,
    reasons: JSON.stringify(grade.reasons),
  });
  const { mateInMoves, side, wing, men, keyKinds } = facts;
  await db('puzzle_facts').insert({ ...task, mate_moves: mateInMoves, side, wing, men });
  const { value: rating, ...rest } = startPuzzleRating(grade.number);
  // What answers have said already stays.
  await db('task_ratings')
    .insert({ ...task, rating, ...rest })
    .onConflict()
    .ignore();
  const tags = [...patterns.map(tagOfPattern), ...ours.map(tagOfOurs), ...keyKinds.map(tagOfKey)];
  if (tags.length > 0) await db('task_tags').insert(tags.map((tag) => ({ task_id: taskId, tag })));
}

/** The grades of these tasks that have one: mates. */
export async function listGrades(db: Db, taskIds: readonly TaskId[]): Promise<ReadonlyMap<TaskId, Grade>> {
  const rows = await listRows(db('task_grades').whereIn('task_id', [...taskIds]), {
    taskId: 'task_grades.task_id',
    level: 'task_grades.level',
    number: 'task_grades.number',
    reasons: 'task_grades.reasons',
  });
  return new Map(rows.map(({ taskId, ...grade }) => [taskId, gradeSchema.parse(grade)] as const));
}

/** Mates that cannot be found by everything yet, the oldest first. */
export async function listUnkeyedPuzzles(
  db: Db,
  most: number,
): Promise<(StoredPuzzle & { readonly clubId: ClubId })[]> {
  const unkeyed = db('tasks')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .leftJoin('task_ideas', 'task_ideas.task_id', 'tasks.id')
    .leftJoin('task_grades', 'task_grades.task_id', 'tasks.id')
    .leftJoin('puzzle_facts', 'puzzle_facts.task_id', 'tasks.id')
    .where('tasks.family', 'mate')
    .where((missing) => {
      void missing
        .whereNull('task_ideas.task_id')
        .orWhereNull('task_grades.task_id')
        .orWhereNull('puzzle_facts.task_id');
    })
    .orderBy('tasks.id')
    .limit(most);
  const rows = await listRows(unkeyed, {
    taskId: 'tasks.id',
    clubId: 'tasks.club_id',
    task: MATE_TASK,
    solution: SOLUTION,
  });
  return rows.map((row) => ({ ...row, family: 'mate' }));
}

/** What a mate is found by, where it was stored without that, or with that of an older kind. */
export async function storeLookups(
  db: Db,
  taskId: TaskId,
  { twinKey, ...lookups }: Lookups & Pick<NewPuzzle, 'twinKey'>,
): Promise<void> {
  await db('tasks').where({ id: taskId }).update({ twin_key: twinKey, level: lookups.grade.level });
  for (const table of ['task_ideas', 'task_grades', 'puzzle_facts', 'task_tags']) {
    await db(table).where({ task_id: taskId }).delete();
  }
  await addLookups(db, taskId, lookups);
}

export const tagOfPattern = (pattern: PatternId) => `pattern:${pattern}`;
/** A named mate of the club's own. */
export const tagOfOurs: (clubPatternId: ClubPatternId) => PatternFilter = clubPatternFilter;
export const tagOfKey = (kind: KeyKind) => `key:${kind}`;

/** The club's stored mates with their solutions, in the order of their ids. */
export async function listSolutions(
  db: Db,
  clubId: ClubId,
  { after, most }: { readonly after: TaskId | undefined; readonly most: number },
): Promise<{ readonly taskId: TaskId; readonly fen: string; readonly graph: SolutionGraph }[]> {
  const stored = db('tasks')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('tasks.club_id', clubId)
    .where('tasks.family', 'mate')
    .where('tasks.id', '>', after ?? 0)
    .orderBy('tasks.id')
    .limit(most);
  const rows = await listRows(stored, { taskId: 'tasks.id', task: MATE_TASK, graph: SOLUTION });
  return rows.map(({ taskId, task, graph }) => ({ taskId, fen: task.fen, graph }));
}

/** Lets stored mates be found by a name of the club's own. */
export async function tagAsOurs(
  db: Db,
  clubPatternId: ClubPatternId,
  taskIds: readonly TaskId[],
): Promise<void> {
  const tag = tagOfOurs(clubPatternId);
  await db.batchInsert(
    'task_tags',
    taskIds.map((taskId) => ({ task_id: taskId, tag })),
  );
}

export async function untagOurs(db: Db, clubPatternId: ClubPatternId): Promise<void> {
  await db('task_tags')
    .where({ tag: tagOfOurs(clubPatternId) })
    .delete();
}

/** The named mates these tasks end in. */
export async function listPatternsOfTasks(
  db: Db,
  taskIds: readonly TaskId[],
): Promise<ReadonlyMap<TaskId, readonly PatternId[]>> {
  const tagged = db('task_tags').whereIn('task_id', [...taskIds]);
  const found = new Map<TaskId, PatternId[]>();
  for (const { taskId, tag } of await listRows(tagged, {
    taskId: 'task_tags.task_id',
    tag: 'task_tags.tag',
  })) {
    const pattern = PATTERN_IDS.find((id) => tagOfPattern(id) === tag);
    if (pattern !== undefined) found.set(taskId, [...(found.get(taskId) ?? []), pattern]);
  }
  return found;
}

/** The club's puzzles that end in a named mate, the shortest first, of one length the newest. */
export async function listPuzzlesOfPattern(
  db: Db,
  clubId: ClubId,
  pattern: PatternId,
  most: number,
): Promise<{ readonly taskId: TaskId; readonly task: MateTask }[]> {
  const shortest = db('task_tags')
    .join('tasks', 'tasks.id', 'task_tags.task_id')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('tasks.club_id', clubId)
    .where('task_tags.tag', tagOfPattern(pattern))
    .orderBy([{ column: 'task_solutions.mate_moves' }, { column: 'tasks.id', order: 'desc' }])
    .limit(most);
  return listRows(shortest, { taskId: 'tasks.id', task: MATE_TASK });
}

/** A stored mate of a length or of a name for a child: one it has not answered before others, then the one answered longest ago. */
export async function findMateToPractise(
  db: Db,
  { clubId, studentId }: { readonly clubId: ClubId; readonly studentId: StudentId },
  filter:
    | { readonly kind: 'mate'; readonly mateInMoves: number }
    | { readonly kind: 'pattern'; readonly pattern: PatternId },
): Promise<TaskId | undefined> {
  const query = db('tasks')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .leftJoin('attempts', (on) =>
      on.on('attempts.task_id', 'tasks.id').andOnVal('attempts.student_id', studentId),
    )
    .where('tasks.club_id', clubId)
    .where('tasks.family', 'mate');
  if (filter.kind === 'mate') query.where('task_solutions.mate_moves', filter.mateInMoves);
  else
    query
      .join('task_tags', 'task_tags.task_id', 'tasks.id')
      .where('task_tags.tag', tagOfPattern(filter.pattern));
  const longestAgo = query
    .groupBy('tasks.id')
    .orderByRaw('MAX(attempts.id) IS NOT NULL, MAX(attempts.id), tasks.id');
  return findValue(longestAgo, 'tasks.id');
}

/** The club's exercise with exactly this task, stored now when it is not there yet. `key` is made from family and task. */
export async function findOrCreateExercise(
  db: Db,
  clubId: ClubId,
  exercise: ExerciseTask & { readonly familyVersion: number; readonly skill: string },
  key: string,
): Promise<TaskId> {
  const { family, familyVersion, skill, level, task } = exercise;
  const known = await findValue(db('tasks').where({ club_id: clubId, family, exact_key: key }), 'tasks.id');
  if (known !== undefined) return known;
  return insertRow(db, 'tasks', {
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
}

const TASK_COLUMNS = columnsOf({
  taskId: 'tasks.id',
  family: 'tasks.family',
  level: 'tasks.level',
  payload: 'tasks.payload',
  graph: optional('task_solutions.graph'),
  settings: 'clubs.settings',
});

/** The mates among these tasks of the club with their solutions, in the order asked for. */
export async function listStoredPuzzles(
  db: Db,
  clubId: ClubId,
  taskIds: readonly TaskId[],
): Promise<StoredPuzzle[]> {
  const mates = db('tasks')
    .join('clubs', 'clubs.id', 'tasks.club_id')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('tasks.club_id', clubId)
    .where('tasks.family', 'mate')
    .whereIn('tasks.id', [...taskIds]);
  const rows = await listRows(mates, TASK_COLUMNS);
  const found = new Map(rows.map((row) => [row.taskId, toStoredTask(row)] as const));
  return taskIds.flatMap((taskId) => {
    const task = found.get(taskId);
    return task?.family === 'mate' ? [task] : [];
  });
}

/** A task of the club. */
export async function findStoredTask(
  db: Db,
  clubId: ClubId,
  taskId: TaskId,
): Promise<StoredTask | undefined> {
  const task = db('tasks')
    .join('clubs', 'clubs.id', 'tasks.club_id')
    .leftJoin('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('tasks.club_id', clubId)
    .where('tasks.id', taskId);
  const row = await findRow(task, TASK_COLUMNS);
  return row && toStoredTask(row);
}

/** The tasks of a set version in its order, mate lengths to be counted as the club counts now. */
export async function listTasksOfVersion(db: Db, setVersionId: SetVersionId): Promise<StoredTask[]> {
  const items = db('set_items')
    .join('tasks', 'tasks.id', 'set_items.task_id')
    .join('clubs', 'clubs.id', 'tasks.club_id')
    .leftJoin('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('set_items.set_version_id', setVersionId)
    .orderBy('set_items.ordinal');
  return (await listRows(items, TASK_COLUMNS)).map(toStoredTask);
}

/** The tasks of a practice round in its order. */
export async function listTasksOfPractice(db: Db, roundId: RoundId): Promise<StoredTask[]> {
  const items = db('practice_tasks')
    .join('tasks', 'tasks.id', 'practice_tasks.task_id')
    .join('clubs', 'clubs.id', 'tasks.club_id')
    .leftJoin('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('practice_tasks.round_id', roundId)
    .orderBy('practice_tasks.ordinal');
  return (await listRows(items, TASK_COLUMNS)).map(toStoredTask);
}

function toStoredTask(row: Selected<typeof TASK_COLUMNS>): StoredTask {
  const { taskId, family, level, payload: task, graph, settings } = row;
  if (family !== 'mate') return { taskId, ...exerciseTaskSchema.parse({ family, level, task }) };
  return {
    taskId,
    family,
    task: { ...mateTaskSchema.parse(task), count: clubSettingsSchema.parse(settings).mateCount },
    solution: solutionGraphSchema.parse(graph),
  };
}
