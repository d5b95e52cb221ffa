'use client';
import { Button, NativeSelect } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import type { ChangeLesson, Lesson, PlanSummary } from '@/contracts/lessons';
import type { Result } from '@/core/shared';
import { shortDayText } from '@/text';
import { useSending } from '@/ui/forms/useSending';
import classes from './Lessons.module.css';
import * as lessonsText from '@/text/screens/lessons';
import * as commonText from '@/text/screens/common';

/** Lessons with their plan and who was there; the day of today stands out. */
export function LessonList(props: {
  readonly classId: ClassId;
  readonly lessons: readonly Lesson[];
  readonly plans: readonly PlanSummary[];
  readonly today: string;
  readonly mayChange: boolean;
  readonly onChange: (input: ChangeLesson) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { send, error } = useSending();
  return (
    <>
      <ul className={classes.list}>
        {props.lessons.map((lesson) => {
          const { lessonId, day, startsAt, minutes, plan, isCancelled, holiday } = lesson;
          const isOff = isCancelled || holiday !== undefined;
          const marks = [isOff ? classes.off : '', day === props.today ? classes.today : ''];
          return (
            <li key={lessonId} className={marks.join(' ')}>
              <span>
                <strong>{shortDayText(day)}</strong>
                <br />
                <span className={classes.soft}>
                  {holiday ??
                    (isCancelled ? lessonsText.cancelled : lessonsText.timeAndMinutes(startsAt, minutes))}
                  {day === props.today && lessonsText.today}
                </span>
              </span>
              {props.mayChange ? (
                <NativeSelect
                  aria-label={lessonsText.plan(shortDayText(day))}
                  size="md"
                  value={String(plan?.planId ?? '')}
                  data={[
                    { value: '', label: lessonsText.noPlanYet },
                    ...props.plans.map(({ planId, title }) => ({ value: String(planId), label: title })),
                  ]}
                  onChange={({ currentTarget: { value } }) => {
                    const chosen = props.plans.find(({ planId }) => String(planId) === value);
                    void send(() => props.onChange({ lessonId, planId: chosen?.planId ?? null }));
                  }}
                />
              ) : (
                <span>{plan?.title ?? lessonsText.noPlanYet}</span>
              )}
              <span className={classes.row}>
                <span className={classes.soft}>{tellAttendance(lesson)}</span>
                <Link href={`/classes/${props.classId}/lessons/${lessonId}` as Route}>
                  {lessonsText.open}
                </Link>
                {props.mayChange && day >= props.today && (
                  <Button
                    variant="subtle"
                    color={isCancelled ? 'pine' : 'clay'}
                    size="md"
                    mih={44}
                    px="xs"
                    aria-label={lessonsText.changeLesson(isCancelled, shortDayText(day))}
                    onClick={() => void send(() => props.onChange({ lessonId, isCancelled: !isCancelled }))}
                  >
                    {isCancelled ? lessonsText.putBackOn : commonText.cancel}
                  </Button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
      <span role="alert">{error}</span>
    </>
  );
}

function tellAttendance({ hereCount, awayCount }: Lesson): string {
  return hereCount + awayCount === 0 ? '' : lessonsText.hereAway(hereCount, awayCount);
}
