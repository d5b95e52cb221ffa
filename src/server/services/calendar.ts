/**
 * A class's lessons as iCalendar (RFC 5545), for any calendar that reads it. Every lesson is an event of its own in UTC, worked out from
 * the hour where the club is: no reader has to know the club's zone or when its summer time begins.
 */
import ical, { ICalEventStatus } from 'ical-generator';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import { failure, success, type Result } from '@/core/shared';
import { requireVisibleClass, type CoachActor } from '../auth/actors';
import { getClub } from '../data/clubs';
import { listHolidays, listLessons } from '../data/lessons';
import { getDb } from '../db';
import { getNow } from './clock';
import { makeFileName } from './fileName';
import { momentOf } from './today';

/** All lessons that take place, and those that were cancelled as such; lessons in holidays are left out. */
export async function exportCalendar(
  actor: CoachActor,
  { classId }: { readonly classId: ClassId },
): Promise<Result<{ readonly name: string; readonly text: string }, ServiceFault>> {
  const db = getDb();
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined) return failure({ code: 'class/not-found' });
  const [{ timeZone, name: clubName }, lessons, holidays] = await Promise.all([
    getClub(db, actor.clubId),
    listLessons(db, classId),
    listHolidays(db, actor.clubId),
  ]);
  const calendar = ical({ name: `${found.name}, ${clubName}`, prodId: '-//Vorschule//Lessons//EN' });
  for (const { lessonId, day, startsAt, minutes, plan, isCancelled } of lessons) {
    if (holidays.some(({ startsOn, endsOn }) => startsOn <= day && day <= endsOn)) continue;
    const start = momentOf(day, startsAt, timeZone);
    calendar.createEvent({
      id: `lesson-${lessonId}@vorschule`,
      start,
      end: new Date(start.getTime() + minutes * 60_000),
      stamp: getNow(),
      summary: plan === undefined ? found.name : `${found.name}: ${plan.title}`,
      status: isCancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    });
  }
  return success({ name: makeFileName(found.name, 'ics'), text: calendar.toString() });
}
