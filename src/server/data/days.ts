/** A DATE column as YYYY-MM-DD: the driver hands it over as that day's midnight in UTC. */
export function toDay(date: Date): string {
  return date.toISOString().slice(0, 10);
}
