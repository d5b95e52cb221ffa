/** A class across its children: what each can by topic, what is needed next and by whom, how homework went, attendance beside it. */
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, StudentId } from '@/contracts/ids';
import type { NameCard } from '@/contracts/people';
import type { ClassProgress } from '@/contracts/progress';
import {
  weighTopic,
  groupByNeed,
  isDue,
  listNeeds,
  topicMasteryState,
  type TopicState,
} from '@/core/progress';
import { failure, success, type Result } from '@/core/shared';
import { requireVisibleClass, type CoachActor } from '../auth/actors';
import { listAssignmentsOfClass } from '../data/assignments';
import { listSolvedCounts } from '../data/attempts';
import { countAttendance, countFirstAnswers, countFirstAnswersOf } from '../data/classProgress';
import { getClub } from '../data/clubs';
import { listEnrolments } from '../data/enrolments';
import { listTopicStatesOf } from '../data/topics';
import { getDb, type Db } from '../db';
import { getNow } from './clock';
import { dayIn } from './today';

const WEEK_MS = 7 * 86_400_000;
const MOST_GROUPS = 4;
/** Sets given longer ago are on the class page. */
const MOST_HOMEWORK = 6;

/** Who is in the class now; of a class that is over, all who were in it. */
export async function getClassProgress(
  actor: CoachActor,
  classId: ClassId,
): Promise<Result<ClassProgress, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const students = await listMembers(db, classId);
  const [states, homework, attendance, club] = await Promise.all([
    listTopicStatesOf(
      db,
      students.map(({ studentId }) => studentId),
    ),
    listHomework(db, classId, students),
    listBesideProgress(db, classId, students),
    getClub(db, actor.clubId),
  ]);
  const nowMs = getNow().getTime();
  const byMs = nowMs + WEEK_MS;
  const learners = students.map(({ studentId }) => ({
    id: studentId,
    states: states.get(studentId) ?? new Map<never, TopicState>(),
  }));
  const needs = listNeeds(learners, byMs);
  const groups = groupByNeed(learners, byMs, MOST_GROUPS);
  const namesOf = (ids: readonly StudentId[]) =>
    students.filter(({ studentId }) => ids.includes(studentId)).map(({ name }) => name);
  return success({
    classId,
    className: found.name,
    termName: found.termName,
    students,
    topics: needs.map(({ topic }) => ({
      topic,
      cells: students.map(({ studentId }) => {
        const state = states.get(studentId)?.get(topic);
        return (
          state && {
            ...weighTopic(state),
            masteryState: topicMasteryState(weighTopic(state)),
            isDue: isDue(state, nowMs),
          }
        );
      }),
    })),
    byDay: dayIn(club.timeZone, new Date(byMs)),
    repeats: needs
      .filter(({ weak, due }) => weak.length + due.length > 0)
      .map(({ topic, weak, due }) => ({
        topic,
        weak: namesOf(weak),
        due: namesOf(due),
      })),
    groups: groups.map(({ members, topics }) => ({
      names: namesOf(members),
      topics,
    })),
    alone: students
      .filter(({ studentId }) => !groups.some(({ members }) => members.includes(studentId)))
      .map(({ name }) => name),
    homework,
    attendance,
  });
}

async function listMembers(db: Db, classId: ClassId): Promise<NameCard[]> {
  const enrolments = await listEnrolments(db, { classId });
  const open = enrolments.filter(({ endsOn }) => endsOn === undefined);
  const members = new Map(
    (open.length > 0 ? open : enrolments).map(({ studentId, name }) => [studentId, name] as const),
  );
  return [...members]
    .map(([studentId, name]) => ({ studentId, name }))
    .sort((one, other) => one.name.localeCompare(other.name, 'en'));
}

async function listHomework(
  db: Db,
  classId: ClassId,
  students: readonly NameCard[],
): Promise<ClassProgress['homework']> {
  const given = (await listAssignmentsOfClass(db, classId))
    .filter(({ studentId }) => studentId === undefined)
    .slice(0, MOST_HOMEWORK);
  const ids = given.map(({ assignmentId }) => assignmentId);
  const solved = await listSolvedCounts(db, ids);
  const first = await countFirstAnswersOf(db, ids);
  return given.map(({ assignmentId, setName, givenAt, puzzleCount }) => ({
    assignmentId,
    setName,
    givenAt: givenAt.toISOString(),
    puzzleCount,
    cells: students.map(({ studentId }) => {
      const isCell = (one: { assignmentId: number; studentId: number }) =>
        one.assignmentId === assignmentId && one.studentId === studentId;
      const begun = first.find(isCell);
      return begun && { solved: solved.find(isCell)?.solved ?? 0, atOnce: begun.right };
    }),
  }));
}

async function listBesideProgress(
  db: Db,
  classId: ClassId,
  students: readonly NameCard[],
): Promise<ClassProgress['attendance']> {
  const lessons = new Map((await countAttendance(db, classId)).map((one) => [one.studentId, one] as const));
  const answers = new Map((await countFirstAnswers(db, classId)).map((one) => [one.studentId, one] as const));
  return students.map(({ studentId }) => ({
    here: lessons.get(studentId)?.here ?? 0,
    away: lessons.get(studentId)?.away ?? 0,
    answers: answers.get(studentId)?.answers ?? 0,
    right: answers.get(studentId)?.right ?? 0,
  }));
}
