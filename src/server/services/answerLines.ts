/** The stored answers behind a figure, as lines to read. */
import dayjs from 'dayjs';
import type { ServiceFault } from '@/contracts/faults';
import type { AnswerLine, AnswerLines, AnswersQuery } from '@/contracts/progress';
import { answerSchema, exerciseTaskSchema, mateTaskSchema } from '@/core/exercises';
import { failure, success, type Result } from '@/core/shared';
import { answerLineText, dayText, mistakeText, PLAIN_TERMS } from '@/text';
import { requireVisibleClass, type CoachActor } from '../auth/actors';
import { listChildAnswers, type AnswerChoice, type ChildAnswer } from '../data/childAnswers';
import { findClass, isStudentOfClass } from '../data/classes';
import { getClub } from '../data/clubs';
import { findStudent } from '../data/people';
import { getDb, type Db } from '../db';
import { momentOf } from './today';
import * as answersText from '@/text/screens/answers';

const MOST_LINES = 300;

/** Of a child that is in the class now, wherever the answers were given. */
export async function listAnswerLines(
  actor: CoachActor,
  { classId, studentId, of }: AnswersQuery,
): Promise<Result<AnswerLines, ServiceFault>> {
  const db = getDb();
  if ((await requireVisibleClass(db, actor, classId)) === undefined)
    return failure({ code: 'class/not-found' });
  const student = await findStudent(db, studentId);
  if (student === undefined || !(await isStudentOfClass(db, classId, studentId)))
    return failure({ code: 'join/not-in-class' });
  const chosen = await chooseAnswers(db, actor, of);
  if (chosen === undefined) return failure({ code: 'class/not-found' });
  const answers = await listChildAnswers(db, studentId, chosen.choice, MOST_LINES);
  return success({
    studentName: student.name,
    title: chosen.title,
    answers: answers.map(toAnswerLine),
    most: MOST_LINES,
  });
}

async function chooseAnswers(
  db: Db,
  { clubId }: CoachActor,
  of: AnswersQuery['of'],
): Promise<{ readonly choice: AnswerChoice; readonly title: string } | undefined> {
  switch (of.kind) {
    case 'class': {
      const given = await findClass(db, of.value);
      if (given?.clubId !== clubId) return undefined;
      return {
        choice: { kind: 'class', classId: of.value },
        title: answersText.firstAnswers(given.name, given.termName),
      };
    }
    case 'week':
    case 'rated': {
      const isRated = of.kind === 'rated';
      const { timeZone } = await getClub(db, clubId);
      const nextMonday = dayjs(of.value).add(7, 'day').format('YYYY-MM-DD');
      const [from, to] = [of.value, nextMonday].map((day) => momentOf(day, '00:00', timeZone));
      if (from === undefined || to === undefined) return undefined;
      return {
        choice: { kind: 'span', from, to, isRated },
        title: answersText.inTheWeekFrom(
          isRated ? answersText.answersThatRate : answersText.answers,
          dayText(of.value),
        ),
      };
    }
    case 'mistake':
      return {
        choice: { kind: 'mistake', code: of.value },
        title: answersText.answersThat(mistakeText(of.value, PLAIN_TERMS)),
      };
  }
}

/** A stored answer in words; a corrupt row throws. */
export function toAnswerLine({
  attemptId,
  className,
  answeredAt,
  tryNumber,
  hints,
  outcome,
  family,
  payload,
  answer,
}: ChildAnswer): AnswerLine {
  const given = answerSchema.parse(answer);
  const text =
    family === 'mate'
      ? answerLineText({ family, task: mateTaskSchema.parse(payload) }, given, PLAIN_TERMS)
      : answerLineText(exerciseTaskSchema.parse({ family, level: 1, task: payload }), given, PLAIN_TERMS);
  return {
    attemptId,
    className,
    answeredAt: answeredAt.toISOString(),
    tryNumber,
    hints,
    isRight: outcome === 'right',
    text,
  };
}
