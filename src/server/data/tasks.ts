import { clubSettingsSchema } from '@/contracts/clubs';
import type { ClubId, TaskId } from '@/contracts/ids';
import { mateTaskSchema, type MateTask } from '@/core/exercises';
import { solutionGraphSchema, type SolutionGraph } from '@/core/puzzles';
import type { Db } from '../db';

/** A task with its stored solution, both parsed: a corrupt row throws here, not in a child's face. */
export interface SolvedTask {
  readonly taskId: TaskId;
  readonly family: 'mate';
  readonly task: MateTask;
  readonly solution: SolutionGraph;
}

export interface NewTask {
  readonly clubId: ClubId;
  readonly familyVersion: number;
  readonly skill: string;
  readonly level: number;
  readonly task: MateTask;
  readonly exactKey: string;
  readonly twinKey: string;
  readonly source: string | undefined;
  readonly solution: SolutionGraph;
  readonly keyCount: number;
  readonly proverVersion: number;
  readonly provedAt: Date;
}

/** The club's mate task for exactly this position. */
export async function findMateTask(db: Db, clubId: ClubId, exactKey: string): Promise<TaskId | undefined> {
  const row = await db('tasks').where({ club_id: clubId, family: 'mate', exact_key: exactKey }).first('id');
  return row?.id as TaskId | undefined;
}

/** Stores task and solution together; a duplicate position is refused by the unique key. */
export async function createMateTask(db: Db, input: NewTask): Promise<TaskId> {
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
  return id as TaskId;
}

/** The tasks of a set version in its order, their lengths to be counted as the club counts now. */
export async function listTasksOfVersion(db: Db, setVersionId: number): Promise<SolvedTask[]> {
  const rows: { id: number; payload: unknown; graph: unknown; settings: unknown }[] = await db('set_items')
    .join('tasks', 'tasks.id', 'set_items.task_id')
    .join('clubs', 'clubs.id', 'tasks.club_id')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('set_items.set_version_id', setVersionId)
    .orderBy('set_items.ordinal')
    .select('tasks.id', 'tasks.payload', 'task_solutions.graph', 'clubs.settings');
  return rows.map((row) => ({
    taskId: row.id as TaskId,
    family: 'mate',
    task: {
      ...mateTaskSchema.parse(row.payload),
      count: clubSettingsSchema.parse(row.settings).mateCount,
    },
    solution: solutionGraphSchema.parse(row.graph),
  }));
}
