/** Reports of children and of a class, certificates, and a child's whole record: made as paper, in the words of the house. */
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, StudentId } from '@/contracts/ids';
import type { NameCard } from '@/contracts/people';
import type { PrintedFile } from '@/contracts/print';
import type { ReportRequest, ReportsPage } from '@/contracts/reports';
import { findStage, mateTaskSchema, STAGES, type FamilyId, type Stage } from '@/core/exercises';
import { getDraft, getPosition } from '@/core/notation';
import {
  findProgress,
  isTelling,
  makeRecall,
  parseTopic,
  topicMasteryState,
  type Topic,
  type TopicState,
} from '@/core/progress';
import { failure, success, type Result } from '@/core/shared';
import type { PrintJob, ReportSheet } from '@/print';
import {
  countText,
  dayText,
  familyName,
  lessonsText,
  listChildLines,
  listGroupLines,
  listHomeworkLines,
  listRepeatLines,
  makeTerms,
  topicText,
  type Terms,
  mateQuestion,
  minutesText,
  refusedText,
  reportFoot,
  stageName,
} from '@/text';
import { askPrinter } from '@/workers/node';
import { requireEditableClass, type CoachActor } from '../auth/actors';
import { addAuditEntry } from '../data/auditLog';
import { listProgressAnswers } from '../data/attempts';
import { findSolvedMate, listChildAnswers } from '../data/childAnswers';
import { countAttendance } from '../data/classProgress';
import { listStudents, type ClassRecord } from '../data/classes';
import { listClassSums } from '../data/childStory';
import { getClub } from '../data/clubs';
import { listEmailsOf } from '../data/emails';
import { findStudentRating } from '../data/ratings';
import { listRecordedAttendance, listRecordedGames, listRecordedSuggestions } from '../data/records';
import { listRefusedOfStudent } from '../data/refusedAnswers';
import { listEnrolments } from '../data/enrolments';
import { getDb, type Db } from '../db';
import { toAnswerLine } from './answerLines';
import { getClassProgress } from './classProgress';
import { listTopicStatesOf } from '../data/topics';
import { getNow } from './clock';
import { makeFileName } from './fileName';
import { listSpokenWords } from './houseWords';
import { getChildProgress } from './progress';
import { dayIn } from './today';
import * as reportsText from '@/text/screens/reports';

/** So many lines of a kind are on a report, so that it stays one page. */
const MOST_CAN = 8;
const MOST_BEGUN = 5;
const MOST_REPEATS = 10;
const MOST_NEXT = 5;
const MOST_SHOWN = 6;
/** More answers than any child has given yet. */
const MOST_RECORDED = 100_000;
const START_FEN = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';

interface ReportContext {
  readonly db: Db;
  readonly actor: CoachActor;
  readonly found: ClassRecord;
  readonly students: readonly NameCard[];
  readonly terms: Terms;
  readonly clubName: string;
  readonly day: string;
}

/** For whom there could be reports, and which stages somebody can. */
export async function getReportsPage(
  actor: CoachActor,
  classId: ClassId,
): Promise<Result<ReportsPage, ServiceFault>> {
  const db = getDb();
  const found = await requireEditableClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const students = await listStudents(db, classId);
  const can = await listMastered(db, students);
  return success({
    classId,
    className: found.name,
    students: students.map(({ studentId, name }) => ({ studentId, name })),
    stages: STAGES.map((stage) => ({
      stage,
      names: students.filter(({ studentId }) => can.get(studentId)?.has(stage)).map(({ name }) => name),
    })).filter(({ names }) => names.length > 0),
  });
}

/** The stages each child has mastered, by its answers wherever they were given, with the families it got right there. */
async function listMastered(
  db: Db,
  students: readonly NameCard[],
): Promise<ReadonlyMap<StudentId, ReadonlyMap<Stage, readonly FamilyId[]>>> {
  const studentIds = students.map(({ studentId }) => studentId);
  const states = await listTopicStatesOf(db, studentIds);
  const all = await listProgressAnswers(db, { studentIds });
  return new Map(
    studentIds.map((studentId) => {
      const answers = all.filter(({ student }) => student === studentId);
      const recallOf = makeRecall(states.get(studentId) ?? new Map<Topic, TopicState>(), getNow().getTime());
      const shown = (stage: Stage) =>
        answers.filter((answer) => answer.stage === stage && answer.isRight).map(({ family }) => family);
      const mastered = findProgress(answers, STAGES, recallOf)
        .filter(({ masteryState }) => masteryState === 'can')
        .map(({ stage }) => [stage, [...new Set(shown(stage))]] as const);
      return [studentId, new Map(mastered)] as const;
    }),
  );
}

/** Makes what is asked for as a PDF; that it was made goes into the audit log. */
export async function printReport(
  actor: CoachActor,
  request: ReportRequest,
): Promise<Result<PrintedFile, ServiceFault>> {
  const context = await openContext(actor, request.classId);
  if (context === undefined) return failure({ code: 'class/not-found' });
  const job = await makeJob(context, request);
  if (!job.ok) return job;
  const answer = await askPrinter(job.value);
  if (answer.kind === 'busy') return failure({ code: 'workers/busy' });
  await addAuditEntry(context.db, {
    clubId: actor.clubId,
    personId: actor.coachId,
    action: 'report/made',
    details: {
      classId: request.classId,
      ...('studentId' in request && request.studentId !== undefined ? { studentId: request.studentId } : {}),
    },
    now: getNow(),
  });
  return success({ name: makeFileName(job.value.title, 'pdf'), bytes: answer.bytes });
}

async function openContext(actor: CoachActor, classId: ClassId): Promise<ReportContext | undefined> {
  const db = getDb();
  const found = await requireEditableClass(db, actor, classId);
  if (found === undefined) return undefined;
  const club = await getClub(db, actor.clubId);
  const words = await listSpokenWords(db, actor.clubId, classId);
  return {
    db,
    actor,
    found,
    students: await listStudents(db, classId),
    terms: makeTerms(words),
    clubName: club.name,
    day: dayText(dayIn(club.timeZone, getNow())),
  };
}

async function makeJob(
  context: ReportContext,
  request: ReportRequest,
): Promise<Result<PrintJob, ServiceFault>> {
  const { found, students, day } = context;
  const { paper } = request;
  if (request.what === 'class') {
    const sheet = await makeClassSheet(context);
    return sheet.ok
      ? success({ kind: 'report', title: reportsText.reportOf(found.name), paper, sheets: [sheet.value] })
      : sheet;
  }
  if (request.what === 'certificates') return makeCertificates(context, request.stage, paper);
  const { studentId } = request;
  const chosen =
    studentId === undefined ? students : students.filter((student) => student.studentId === studentId);
  const [first] = chosen;
  if (first === undefined)
    return failure({ code: studentId === undefined ? 'report/nobody' : 'join/not-in-class' });
  if (request.what === 'record') {
    const title = reportsText.recordOf(first.name);
    return success({ kind: 'report', title, paper, sheets: [await makeRecordSheet(context, first)] });
  }
  const attendance = await countAttendance(context.db, found.classId);
  const sheets: ReportSheet[] = [];
  for (const student of chosen) {
    const attended = attendance.find(({ studentId: id }) => id === student.studentId);
    sheets.push(await makeChildSheet(context, student, attended ?? { here: 0, away: 0 }));
  }
  const title =
    studentId === undefined ? reportsText.reportsOf(found.name, day) : reportsText.reportOf(first.name);
  return success({ kind: 'report', title, paper, sheets });
}

async function makeChildSheet(
  context: ReportContext,
  { studentId, name }: NameCard,
  attended: { readonly here: number; readonly away: number },
): Promise<ReportSheet> {
  const { db, found, terms, clubName, day } = context;
  const { topics, nextRound } = await getChildProgress(db, studentId);
  const named = (masteryState: string, most: number) =>
    topics
      .filter((row) => isTelling(row.evidence) && topicMasteryState(row) === masteryState)
      .sort((one, other) => other.low - one.low)
      .slice(0, most)
      .map(({ topic }) => inStage(topic, terms));
  const can = named('can', MOST_CAN);
  const hard = named('repeat', MOST_BEGUN);
  const begun = named('begun', MOST_BEGUN);
  const next = [...new Set(nextRound.map(({ topic }) => topicText(topic, terms)))].slice(0, MOST_NEXT);
  const solved = await findSolvedMate(db, studentId);
  return {
    title: name,
    under: `${found.name}, ${found.termName}. ${clubName}, ${day}`,
    picture:
      solved && drawSolved(solved.payload, name, dayText(solved.answeredAt.toISOString().slice(0, 10))),
    parts: [
      {
        heading: reportsText.whatCanDo(name),
        lines: can.length > 0 ? can : [reportsText.tooEarly],
      },
      ...(begun.length === 0 ? [] : [{ heading: reportsText.onTheWay, lines: begun }]),
      ...(hard.length === 0 ? [] : [{ heading: reportsText.stillHard, lines: hard }]),
      ...(next.length === 0 ? [] : [{ heading: reportsText.whatComesNext, lines: next }]),
      {
        heading: reportsText.inTheLessons,
        lines: [lessonsText(found.name, attended)],
      },
    ],
    foot: reportFoot(name, day),
    isOnePage: true,
  };
}

/** "Find the square (The board)": an exercise is told with its stage, a mate by its name alone. */
function inStage(topic: string, terms: Terms): string {
  const name = topicText(topic, terms);
  const parts = parseTopic(topic);
  return parts?.kind === 'family' ? `${name} (${stageName(findStage(parts.family), terms)})` : name;
}

function drawSolved(payload: unknown, name: string, day: string): ReportSheet['picture'] {
  const { fen, mateInMoves } = mateTaskSchema.parse(payload);
  const { turn } = getPosition(fen);
  return {
    fen,
    turn: getDraft(fen).turn,
    text: reportsText.foundFirstTime(mateQuestion(turn, mateInMoves), name, day, name),
  };
}

async function makeClassSheet({
  actor,
  found,
  terms,
  clubName,
  day,
}: ReportContext): Promise<Result<ReportSheet, ServiceFault>> {
  const progress = await getClassProgress(actor, found.classId);
  if (!progress.ok) return progress;
  return success({
    title: reportsText.reportOf(found.name),
    under: reportsText.classReportUnder(found.termName, clubName, day),
    picture: undefined,
    parts: [
      {
        heading: reportsText.repeatUntil(dayText(progress.value.byDay)),
        lines: listRepeatLines(progress.value, MOST_REPEATS, terms),
      },
      { heading: reportsText.childrenWhoNeedSame, lines: listGroupLines(progress.value, terms) },
      { heading: reportsText.howHomeworkWent, lines: listHomeworkLines(progress.value) },
      { heading: reportsText.childByChild, lines: listChildLines(progress.value) },
    ],
    foot: reportsText.classReportFoot(day),
    isOnePage: false,
  });
}

async function makeCertificates(
  { db, found, students, terms, clubName, day }: ReportContext,
  stage: Stage,
  paper: ReportRequest['paper'],
): Promise<Result<PrintJob, ServiceFault>> {
  const can = await listMastered(db, students);
  const named = students.filter(({ studentId }) => can.get(studentId)?.has(stage));
  if (named.length === 0) return failure({ code: 'report/nobody' });
  const title = stageName(stage, terms);
  return success({
    kind: 'certificates',
    title: reportsText.certificatesTitle(title),
    paper,
    fen: START_FEN,
    certificates: named.map(({ studentId, name }) => ({
      heading: clubName,
      name,
      text: reportsText.hasMastered(title),
      lines: [
        reportsText.shownInExercises,
        ...(can.get(studentId)?.get(stage) ?? [])
          .slice(0, MOST_SHOWN)
          .map((family) => familyName(family, terms)),
      ],
      under: `${found.name}\n${day}`,
      signature: reportsText.coach,
    })),
  });
}

/** Everything stored about a child that can be read on paper; the JSON record holds the same for machines. */
async function makeRecordSheet(
  { db, clubName, day }: ReportContext,
  { studentId, name }: NameCard,
): Promise<ReportSheet> {
  const [enrolments, sums, attendance, rating, games, suggestions, emails, answers, notSaved] =
    await Promise.all([
      listEnrolments(db, { studentId }),
      listClassSums(db, studentId),
      listRecordedAttendance(db, studentId),
      findStudentRating(db, studentId),
      listRecordedGames(db, studentId),
      listRecordedSuggestions(db, studentId),
      listEmailsOf(db, studentId),
      listChildAnswers(db, studentId, { kind: 'all' }, MOST_RECORDED),
      listRefusedOfStudent(db, studentId),
    ]);
  return {
    title: reportsText.recordOf(name),
    under: reportsText.recordUnder(clubName, day, name),
    picture: undefined,
    parts: [
      {
        heading: reportsText.classes,
        lines: enrolments.map(({ className, termName, startsOn, endsOn }) =>
          reportsText.enrolment(
            className,
            termName,
            dayText(startsOn),
            endsOn === undefined ? 'now' : dayText(endsOn),
          ),
        ),
      },
      {
        heading: reportsText.timeTasks,
        lines: sums.map(({ className, termName, answers: count, right, spentMs }) =>
          reportsText.timeAndTasksLine(
            className,
            termName,
            countText(count, 'task'),
            right,
            minutesText(spentMs),
          ),
        ),
      },
      {
        heading: reportsText.lessonsHeading,
        lines: attendance.map(
          (lesson) => `${dayText(lesson.day)}, ${lesson.className}: ${lesson.wasHere ? 'here' : 'away'}`,
        ),
      },
      {
        heading: reportsText.ratingAtMates,
        lines: [
          rating === undefined
            ? reportsText.none
            : reportsText.deviation(Math.round(rating.value), Math.round(rating.deviation)),
        ],
      },
      {
        heading: reportsText.games,
        lines: games.map(
          ({ title, side, result, moves }) =>
            `${title} (${side ?? reportsText.sideNotTold}, ${result}): ${moves}`,
        ),
      },
      {
        heading: reportsText.movesSuggestedAtBoard,
        lines: suggestions.map(
          ({ asked, move, answeredAt }) => `${dayText(answeredAt.slice(0, 10))}: ${asked} ${move}`,
        ),
      },
      {
        heading: reportsText.answersCouldNotSaved,
        lines: notSaved.map(
          ({ reason, receivedAt }) => `${dayText(receivedAt.slice(0, 10))}: ${refusedText(reason)}`,
        ),
      },
      {
        heading: reportsText.emailsInOutbox,
        lines: emails.map(({ to, subject, writtenAt }) =>
          reportsText.emailLine(dayText(writtenAt.slice(0, 10)), to, subject),
        ),
      },
      {
        heading: reportsText.answersNewestFirst,
        lines: answers.map((stored) => {
          const { answeredAt, className, text, isRight, tryNumber } = toAnswerLine(stored);
          return reportsText.answerLine(
            dayText(answeredAt.slice(0, 10)),
            className,
            tryNumber,
            text,
            isRight ? reportsText.right : reportsText.notRight,
          );
        }),
      },
    ].filter(({ lines }) => lines.length > 0),
    foot: reportsText.recordFoot,
    isOnePage: false,
  };
}
