import type { ClassId, RoundId, StudentId, TaskId } from '@/contracts/ids';
import { STAGES, type Stage } from '@/core/exercises';
import { ROUND_REASONS, type RoundReason } from '@/core/progress';
import { findValue, insertRow, listRows, parsed, type Db } from '../db';

export interface ClassStage {
  readonly stage: Stage;
  readonly isOpen: boolean;
}

/** A stage of another version of the programme is no stage of this one. */
const findStageNamed = (name: string): Stage | undefined => STAGES.find((stage) => stage === name);

/** The stages of a class in its order; stages it says nothing about follow in the usual order, open. */
export async function listClassStages(db: Db, classId: ClassId): Promise<ClassStage[]> {
  const rows = await listRows(db('class_stages').where({ class_id: classId }).orderBy('ordinal'), {
    stage: parsed('class_stages.stage', findStageNamed),
    isOpen: parsed('class_stages.is_open', Boolean),
  });
  const said = rows.flatMap(({ stage, isOpen }) => (stage === undefined ? [] : [{ stage, isOpen }]));
  const left = STAGES.filter((stage) => !said.some((one) => one.stage === stage));
  return [...said, ...left.map((stage) => ({ stage, isOpen: true }))];
}

/** Puts the whole order in the place of the one before; call it in a transaction. */
export async function saveClassStages(
  db: Db,
  classId: ClassId,
  stages: readonly ClassStage[],
): Promise<void> {
  await db('class_stages').where({ class_id: classId }).delete();
  await db('class_stages').insert(
    stages.map(({ stage, isOpen }, ordinal) => ({ class_id: classId, stage, ordinal, is_open: isOpen })),
  );
}

/** Stages that are open or closed for one student alone. */
export async function listStudentStages(db: Db, studentId: StudentId): Promise<ClassStage[]> {
  return (await listStagesOfStudents(db, [studentId])).get(studentId) ?? [];
}

/** The same of several; who has none is not in it. */
export async function listStagesOfStudents(
  db: Db,
  studentIds: readonly StudentId[],
): Promise<ReadonlyMap<StudentId, ClassStage[]>> {
  const rows = await listRows(db('student_stages').whereIn('student_id', [...studentIds]), {
    studentId: 'student_stages.student_id',
    stage: parsed('student_stages.stage', findStageNamed),
    isOpen: parsed('student_stages.is_open', Boolean),
  });
  const stages = new Map<StudentId, ClassStage[]>();
  for (const { studentId, stage, isOpen } of rows) {
    if (stage !== undefined) stages.set(studentId, [...(stages.get(studentId) ?? []), { stage, isOpen }]);
  }
  return stages;
}

/** Opens or closes a stage for one student; undefined: what holds for the class holds again. */
export async function saveStudentStage(
  db: Db,
  studentId: StudentId,
  stage: Stage,
  isOpen: boolean | undefined,
): Promise<void> {
  if (isOpen === undefined) await db('student_stages').where({ student_id: studentId, stage }).delete();
  else {
    await db('student_stages')
      .insert({ student_id: studentId, stage, is_open: isOpen })
      .onConflict(['student_id', 'stage'])
      .merge();
  }
}

export interface PracticeRecord {
  readonly roundId: RoundId;
  readonly stage: Stage;
}

export async function findPracticeByRequest(db: Db, requestId: string): Promise<RoundId | undefined> {
  return findValue(db('practices').where({ request_id: requestId }), 'practices.round_id');
}

/** A student's own practice round; undefined for anybody else's. */
export async function findPractice(
  db: Db,
  roundId: RoundId,
  studentId: StudentId,
): Promise<PracticeRecord | undefined> {
  const own = db('practices')
    .join('rounds', 'rounds.id', 'practices.round_id')
    .where('practices.round_id', roundId)
    .where('rounds.student_id', studentId);
  const stage = findStageNamed((await findValue(own, 'practices.stage')) ?? '');
  return stage === undefined ? undefined : { roundId, stage };
}

/** Why each task of a round is in it; empty for a round of a stage. */
export async function listReasons(db: Db, roundId: RoundId): Promise<ReadonlyMap<TaskId, RoundReason>> {
  const rows = await listRows(db('practice_reasons').where({ round_id: roundId }), {
    taskId: 'practice_reasons.task_id',
    why: parsed('practice_reasons.why', (stored) => ROUND_REASONS.find((reason) => reason === stored)),
  });
  return new Map(rows.flatMap(({ taskId, why }) => (why === undefined ? [] : [[taskId, why] as const])));
}

export async function saveReasons(
  db: Db,
  roundId: RoundId,
  reasons: ReadonlyMap<TaskId, RoundReason>,
): Promise<void> {
  await db('practice_reasons').insert(
    [...reasons].map(([taskId, why]) => ({ round_id: roundId, task_id: taskId, why })),
  );
}

/** Round, practice and its tasks together; call it in a transaction. */
export async function createPractice(
  db: Db,
  input: {
    studentId: StudentId;
    classId: ClassId;
    stage: Stage;
    requestId: string;
    taskIds: readonly TaskId[];
    now: Date;
  },
): Promise<RoundId> {
  const roundId = await insertRow(db, 'rounds', {
    assignment_id: null,
    student_id: input.studentId,
    started_at: input.now,
  });
  await db('practices').insert({
    round_id: roundId,
    class_id: input.classId,
    stage: input.stage,
    request_id: input.requestId,
  });
  await db('practice_tasks').insert(
    input.taskIds.map((taskId, ordinal) => ({ round_id: roundId, ordinal, task_id: taskId })),
  );
  return roundId;
}
