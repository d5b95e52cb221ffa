import type { Metadata } from 'next';
import type { Route } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { lessonIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getLessonPage } from '@/server/services/lessons';
import { shortDayText } from '@/text';
import { AttendancePanel } from '@/ui/panels/lessons/AttendancePanel';
import { LinkButton } from '../../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { TeachLesson } from './_parts/TeachLesson';
import { getPageCoach } from '../../../../_parts/coachPage';
import { giveCatchUpAction, noteAttendanceAction } from '../../../lessonActions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.lesson };

export default async function LessonPage({ params }: PageProps<'/classes/[classId]/lessons/[lessonId]'>) {
  const actor = await getPageCoach();
  const place = await params;
  const lessonId = parseInput(lessonIdSchema, place.lessonId);
  const page = lessonId.ok ? await getLessonPage(actor, lessonId.value) : lessonId;
  if (!page.ok || String(page.value.classId) !== place.classId) notFound();
  const { classId, className, day, startsAt, minutes, plan, holiday, isCancelled } = page.value;
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{shortDayText(day)}</h1>
          <span className={pages.soft}>
            {classesText.minutes(className, startsAt, minutes)}
            {holiday !== undefined && classesText.doesNotTakePlace(holiday)}
            {isCancelled && classesText.cancelledLesson}
          </span>
        </div>
        <div className={pages.row}>
          {page.value.mayChange && <TeachLesson classId={classId} lessonId={page.value.lessonId} />}
          {plan !== undefined && (
            <Link href={`/classes/${classId}/plans/${plan.planId}` as Route}>{plan.title}</Link>
          )}
          <LinkButton href={`/classes/${classId}/lessons`} variant="default">
            {classesText.allLessons}
          </LinkButton>
        </div>
      </div>
      <AttendancePanel lesson={page.value} onNote={noteAttendanceAction} onCatchUp={giveCatchUpAction} />
    </>
  );
}
