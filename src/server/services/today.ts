import dayjs from 'dayjs';
import timezone from 'dayjs/plugin/timezone.js';
import utc from 'dayjs/plugin/utc.js';

dayjs.extend(utc);
dayjs.extend(timezone);

/** The day it is for a club, as YYYY-MM-DD. */
export function dayIn(timeZone: string, now: Date): string {
  // The Canadian form of a date is the ISO one.
  return new Intl.DateTimeFormat('en-CA', { timeZone }).format(now);
}

/** The moment of an hour of a day in a zone. An hour that summer time skips is the hour after it. */
export function momentOf(day: string, time: string, timeZone: string): Date {
  return dayjs.tz(`${day} ${time}`, timeZone).toDate();
}
