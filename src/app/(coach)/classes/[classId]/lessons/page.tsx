import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import type { Route } from 'next';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getLessonsPage } from '@/server/services/lessons';
import { countText } from '@/text';
import { Holidays } from '@/ui/panels/lessons/Holidays';
import { LessonList } from '@/ui/panels/lessons/LessonList';
import { NewPlanForm } from '@/ui/panels/lessons/NewPlanForm';
import { RemovePlan } from '@/ui/panels/lessons/RemovePlan';
import { ScheduleForm } from '@/ui/panels/lessons/ScheduleForm';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import {
  addHolidayAction,
  addPlanAction,
  changeLessonAction,
  removeHolidayAction,
  removePlanAction,
  scheduleLessonsAction,
} from '../../lessonActions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.lessons };

export default async function LessonsPage({ params }: PageProps<'/classes/[classId]/lessons'>) {
  const actor = await getPageCoach();
  const parsed = parseInput(classIdSchema, (await params).classId);
  const page = parsed.ok ? await getLessonsPage(actor, parsed.value) : parsed;
  if (!page.ok) notFound();
  const { classId, className, termName, mayChange, lessons, plans, otherPlans, today, term } = page.value;
  const list = { classId, plans, today, mayChange, onChange: changeLessonAction };
  const coming = lessons.filter(({ day }) => day >= today);
  const past = lessons.filter(({ day }) => day < today).toReversed();
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.lessonsOf(className)}</h1>
          <span className={pages.soft}>{termName}</span>
        </div>
        <div className={pages.row}>
          {lessons.length > 0 && (
            <a href={`/files/lessons?classId=${classId}`} download>
              {classesText.saveCalendar}
            </a>
          )}
          <LinkButton href={`/classes/${classId}`} variant="default">
            {classesText.theClass}
          </LinkButton>
        </div>
      </div>
      <div className={pages.columns}>
        <div className={pages.stack}>
          <section className={pages.card}>
            <h2>{classesText.upcoming}</h2>
            {coming.length === 0 && <p className={pages.soft}>{classesText.noUpcomingLessons}</p>}
            <LessonList {...list} lessons={coming} />
          </section>
          {past.length > 0 && (
            <section className={pages.card}>
              <h2>{classesText.pastLessons}</h2>
              <LessonList {...list} lessons={past} />
            </section>
          )}
          {mayChange && (
            <section className={pages.card}>
              <h2>{classesText.whenClassMeets}</h2>
              <ScheduleForm
                classId={classId}
                from={term.startsOn > today ? term.startsOn : today}
                to={term.endsOn > today ? term.endsOn : today}
                onSchedule={scheduleLessonsAction}
              />
            </section>
          )}
        </div>
        <div className={pages.stack}>
          <section className={pages.card}>
            <h2>{classesText.plans}</h2>
            {plans.length === 0 && <p className={pages.soft}>{classesText.noPlanYet}</p>}
            <ul className={pages.list}>
              {plans.map(({ planId, title, minutes }) => (
                <li key={planId}>
                  <span>
                    <strong>{title}</strong>
                    <br />
                    <span className={pages.soft}>{countText(minutes, 'minute')}</span>
                  </span>
                  <span className={pages.row}>
                    <Link href={`/classes/${classId}/plans/${planId}` as Route}>{classesText.open}</Link>
                    {mayChange && <RemovePlan planId={planId} title={title} onRemove={removePlanAction} />}
                  </span>
                </li>
              ))}
            </ul>
            {mayChange && (
              <NewPlanForm classId={classId} plans={plans} otherPlans={otherPlans} onAdd={addPlanAction} />
            )}
          </section>
          <section className={pages.card}>
            <h2>{classesText.holidaysClub}</h2>
            <Holidays
              holidays={page.value.holidays}
              mayChange={page.value.isLead}
              onAdd={addHolidayAction}
              onRemove={removeHolidayAction}
            />
          </section>
        </div>
      </div>
    </>
  );
}
