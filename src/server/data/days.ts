/** A DATE column as YYYY-MM-DD: the driver hands it over as that day's midnight in UTC. */
export function toDay(date: Date): string {
  return date.toISOString().slice(0, 10);
}

/** A moment as it is told: ISO 8601 in UTC. */
export function toMoment(date: Date): string {
  return date.toISOString();
}
