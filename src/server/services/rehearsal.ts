/**
 * A server that has just begun compiles what it runs while it runs it, and the first lesson after a start would wait for that. So before
 * anybody is let in the answers that children gave last are stored once more, and taken back each time: nobody ever sees them.
 */
import { v4 as makeUuid } from 'uuid';
import { listGivenAnswers, type GivenAnswer } from '../data/attempts';
import { createPractice } from '../data/paths';
import { getDb, withTransaction } from '../db';
import { getNow } from './clock';
import { storeAttemptInside } from './seat';

/** After so many answers more of them make nothing faster. */
const MOST_ANSWERS = 300;
/** So many different ones: a class answers the same few tasks. */
const KINDS = 60;

/** Thrown when an answer has been rehearsed, so that nothing of it stays. */
class TakenBack extends Error {}

/** For so long at most, in milliseconds; how many were rehearsed. An installation in which nobody has answered has nothing to rehearse. */
export async function rehearseAnswers(patienceMs: number): Promise<number> {
  const end = performance.now() + patienceMs;
  const given = await listGivenAnswers(getDb(), KINDS);
  let rehearsed = 0;
  while (rehearsed < MOST_ANSWERS && performance.now() < end) {
    const answer = given[rehearsed % given.length];
    if (answer === undefined) break;
    // Of another child of the class: only what a child has not answered yet is rated.
    const others = given.filter((other) => other.classId === answer.classId);
    const { studentId } = others[rehearsed % others.length] ?? answer;
    await rehearse({ ...answer, studentId });
    rehearsed += 1;
  }
  return rehearsed;
}

async function rehearse({ studentId, classId, taskId, answer }: GivenAnswer): Promise<void> {
  try {
    await withTransaction(async (db) => {
      const [requestId, clientId] = [makeUuid(), makeUuid()];
      const practice = {
        studentId,
        classId,
        stage: 'board',
        requestId,
        taskIds: [taskId],
        now: getNow(),
      } as const;
      const roundId = await createPractice(db, practice);
      const input = { clientId, roundId, taskId, answer, hints: 0, spentMs: 0, waitedMs: 0 };
      await storeAttemptInside(db, { studentId }, input);
      throw new TakenBack();
    });
  } catch (error) {
    if (!(error instanceof TakenBack)) throw error;
  }
}
