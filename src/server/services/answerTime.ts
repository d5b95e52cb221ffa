/**
 * When was an answer given? A device's clock may say any year, so it is not asked: the answer came when it was received, less the time it
 * lay on the device, and never before its task was given or after it was received. An honest answer kept offline over a holiday keeps its
 * place; nothing is refused for a clock. The moment of receipt is stored beside it.
 */
export function reckonAnswerTime({
  waitedMs,
  givenAt,
  receivedAt,
}: {
  /** How long the device says the answer lay there. */
  readonly waitedMs: number;
  /** When the child got the task. */
  readonly givenAt: Date;
  readonly receivedAt: Date;
}): Date {
  const reckonedMs = Math.max(receivedAt.getTime() - waitedMs, givenAt.getTime());
  // A server whose clock was set back has given tasks later than now: receipt is the last word.
  return new Date(Math.min(reckonedMs, receivedAt.getTime()));
}
