/** The day it is for a club, as YYYY-MM-DD. */
export function dayIn(timeZone: string, now: Date): string {
  // The Canadian form of a date is the ISO one.
  return new Intl.DateTimeFormat('en-CA', { timeZone }).format(now);
}
