import type { Metadata } from 'next';
import Link from 'next/link';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import type { ClassPage as ClassPageData, Enrolment } from '@/contracts/people';
import { parseInput } from '@/server/auth/parseInput';
import { getClassPage, listOwnClasses } from '@/server/services/classes';
import { getClassNews } from '@/server/services/news';
import { countText, dayText, familyName, troubleSpotText, refusedText, stageName, type Terms } from '@/text';
import { AutoRefresh } from '../../../_parts/AutoRefresh';
import { ClassCoaches } from '@/ui/panels/roster/ClassCoaches';
import { ClassLevel } from '@/ui/panels/roster/ClassLevel';
import { LinkButton } from '../../../_parts/LinkButton';
import { NewestOnly } from '../../../_parts/NewestOnly';
import pages from '@/ui/theme/page.module.css';
import styles from './class.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import {
  addStudentAction,
  changeRosterAction,
  newKeyAction,
  removeStudentAction,
  renameStudentAction,
  setLevelAction,
  setPostAction,
  undoRosterChangeAction,
  unlockStudentAction,
} from '../actions';
import { Roster } from '@/ui/panels/roster/Roster';
import { getClubTerms } from '@/server/services/houseWords';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.pageTitle };

export default async function ClassPage({ params }: PageProps<'/classes/[classId]'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  // Before the page: what comes in meanwhile is news.
  const news = classId.ok ? await getClassNews(actor, classId.value) : classId;
  const page = classId.ok ? await getClassPage(actor, classId.value) : classId;
  const terms = await getClubTerms(actor);
  if (!page.ok || !news.ok) notFound();
  const host = (await headers()).get('host') ?? '';
  const { name, termName, level, joinCode, students, mayChange, past } = page.value;
  const others = (await listOwnClasses(actor)).filter(
    (one) => one.classId !== page.value.classId && one.termId === page.value.termId,
  );
  return (
    <>
      <AutoRefresh address={`/api/news/classes/${page.value.classId}`} cursor={news.value.cursor} />
      <div className={pages.head}>
        <div>
          <h1>{name}</h1>
          <span className={pages.soft}>
            {termName}, {countText(students.length, 'child')}
            {level !== undefined && classesText.level(level)}
          </span>
        </div>
        <div className={pages.row}>
          <LinkButton href={`/board/${page.value.classId}`} variant="default">
            {classesText.bigBoard}
          </LinkButton>
          <LinkButton href={`/classes/${page.value.classId}/lessons`} variant="default">
            {classesText.lessons}
          </LinkButton>
          <LinkButton href={`/classes/${page.value.classId}/path`} variant="default">
            {classesText.pathClass}
          </LinkButton>
          <LinkButton href={`/classes/${page.value.classId}/progress`} variant="default">
            {classesText.progress}
          </LinkButton>
          {mayChange && (
            <LinkButton href={`/classes/${page.value.classId}/reports`} variant="default">
              {classesText.reports}
            </LinkButton>
          )}
        </div>
        <div>
          <span className={pages.soft}>{classesText.howToJoin(host)}</span>
          <div className={styles.code}>{joinCode}</div>
        </div>
      </div>
      <div className={pages.columns}>
        <div className={pages.stack}>
          <section className={pages.card}>
            <h2>{classesText.children}</h2>
            <Roster
              classId={page.value.classId}
              students={students}
              lockedIds={page.value.lockedIds}
              mayChange={mayChange}
              others={others.map((one) => ({ classId: one.classId, name: one.name }))}
              actions={{
                add: addStudentAction,
                rename: renameStudentAction,
                remove: removeStudentAction,
                newKey: newKeyAction,
                unlock: unlockStudentAction,
                change: changeRosterAction,
                undo: undoRosterChangeAction,
              }}
            />
            {past.length > 0 && <PastChildren past={past} />}
          </section>
          <section className={pages.card}>
            <h2>{classesText.whoTeachesHere}</h2>
            <ClassCoaches
              classId={page.value.classId}
              coaches={page.value.coaches}
              onPost={actor.isLead ? setPostAction : undefined}
            />
            {mayChange && (
              <div style={{ marginTop: '0.75rem' }}>
                <ClassLevel classId={page.value.classId} level={level} onLevel={setLevelAction} />
              </div>
            )}
          </section>
        </div>
        <div className={pages.stack}>
          <NotSaved page={page.value} />
          <NotSent page={page.value} />
          <GivenSets page={page.value} />
          <TroubleSpots page={page.value} terms={terms} />
          <LatestAnswers page={page.value} terms={terms} />
        </div>
      </div>
    </>
  );
}

/** Who was in the class before, with the days. */
function PastChildren({ past }: { past: readonly Enrolment[] }) {
  return (
    <>
      <h2 style={{ marginTop: '1.25rem' }}>{classesText.leftClass}</h2>
      <ul className={pages.list}>
        {past.map(({ studentId, name, startsOn, endsOn }) => (
          <li key={`${studentId} ${startsOn}`}>
            <strong>{name}</strong>
            <span className={pages.soft}>
              {classesText.fromTo(dayText(startsOn), dayText(endsOn ?? startsOn))}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

function GivenSets({ page }: { page: ClassPageData }) {
  return (
    <section className={pages.card}>
      <h2>{classesText.setsGiven}</h2>
      {page.assignments.length === 0 && (
        <p className={pages.soft} style={{ margin: 0 }}>
          {classesText.noSetGiven}
        </p>
      )}
      <ul className={pages.list}>
        {page.assignments.map(({ assignmentId, setName, puzzleCount, finishedCount, forStudent }) => (
          <li key={assignmentId}>
            <span>
              {setName}
              <br />
              <span className={pages.soft}>
                {countText(puzzleCount, 'task')},{' '}
                {forStudent === undefined
                  ? classesText.finished(finishedCount, page.students.length)
                  : classesText.forOneChild(
                      forStudent,
                      finishedCount === 0 ? classesText.notFinished : classesText.isFinished,
                    )}
              </span>
            </span>
            <Link href={`/answers/${assignmentId}`}>{classesText.answers}</Link>
          </li>
        ))}
      </ul>
      <NewestOnly count={page.assignments.length} />
    </section>
  );
}

/** So many families are told; more are not looked at. */
const MOST_TROUBLE_SPOTS = 5;

function TroubleSpots({ page, terms }: { page: ClassPageData; terms: Terms }) {
  return (
    <section className={pages.card}>
      <h2>{classesText.whatHardNow}</h2>
      {page.troubleSpots.length === 0 && (
        <p className={pages.soft} style={{ margin: 0 }}>
          {classesText.nothingHard}
        </p>
      )}
      <ul className={pages.list}>
        {page.troubleSpots.slice(0, MOST_TROUBLE_SPOTS).map((troubleSpot) => (
          <li key={troubleSpot.family}>
            <span>
              <strong>{familyName(troubleSpot.family, terms)}</strong>
              <br />
              {troubleSpotText(troubleSpot, terms)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Shown only where there is something: what a child did must not be lost in silence. */
function NotSaved({ page }: { page: ClassPageData }) {
  if (page.refusedAnswers.length === 0) return null;
  return (
    <section className={pages.card}>
      <h2>{classesText.notSaved}</h2>
      <ul className={pages.list}>
        {page.refusedAnswers.map(({ refusedId, studentName, reason, receivedAt }) => (
          <li key={refusedId}>
            <span>
              <strong>{studentName}</strong>, {dayText(receivedAt.slice(0, 10))}
              <br />
              <span className={pages.soft}>{refusedText(reason)}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Shown only where there is something: answers that wait on a device for their child. */
function NotSent({ page }: { page: ClassPageData }) {
  if (page.unsentAnswers.length === 0) return null;
  return (
    <section className={pages.card}>
      <h2>{classesText.notSentYet}</h2>
      <ul className={pages.list}>
        {page.unsentAnswers.map(({ studentId, studentName, answers, toldAt }) => (
          <li key={studentId}>
            <span>
              <strong>{studentName}</strong>
              {classesText.waitingOnDevice(countText(answers, 'answer'), dayText(toldAt.slice(0, 10)))}
              <br />
              <span className={pages.soft}>{classesText.savedOnDevice(studentName)}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function LatestAnswers({ page, terms }: { page: ClassPageData; terms: Terms }) {
  return (
    <section className={pages.card} aria-live="polite">
      <h2>{classesText.latestAnswers}</h2>
      {page.latestAnswers.length === 0 && (
        <p className={pages.soft} style={{ margin: 0 }}>
          {classesText.noAnswersYet}
        </p>
      )}
      <ul className={pages.list}>
        {page.latestAnswers.map(
          ({ attemptId, studentName, setName, practised, puzzleNumber, outcome, tryNumber }) => (
            <li key={attemptId}>
              <span>
                <strong>{studentName}</strong>
                {classesText.taskNumber(
                  classesText.TASK_WORDS[outcome === 'right' ? 'right' : 'wrong'],
                  puzzleNumber,
                )}
                <br />
                <span className={pages.soft}>
                  {classesText.tryOf(
                    setName ??
                      (practised === undefined
                        ? classesText.practice
                        : classesText.practiceOf(stageName(practised, terms))),
                    tryNumber,
                  )}
                </span>
              </span>
            </li>
          ),
        )}
      </ul>
    </section>
  );
}
