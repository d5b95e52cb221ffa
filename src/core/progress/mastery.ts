/**
 * What a student can, believed from answers alone. Question: where does this student stand in a stage, and what is next?
 *
 * Each task answered gives evidence between 0 and 1: right at the first try 1, with help 0.6, right at a later try 0.3, never right 0.
 * The newest count most: each older one weighs 0.9 of the one after it, and no more than twenty are looked at. A stage is mastered
 * when there are six tasks of evidence at least and their weighted mean is four fifths and more. The figures are ours, common
 * practice being "nearly always right, lately, several times"; they say nothing a coach could not overrule.
 */
import { STAGES, type Stage } from '../exercises';
import type { ProgressAnswer } from './answers';

const MOST_EVIDENCE = 20;
const AGEING = 0.9;
const LEAST_EVIDENCE = 6;
const MASTERED_FROM = 0.8;
const REPEATED_BELOW = 0.5;

/** not-begun: no answer; begun: on the way; repeat: enough was tried, and little of it came right; can: mastered. */
export type Standing = 'not-begun' | 'begun' | 'repeat' | 'can';

export interface StageProgress {
  readonly stage: Stage;
  readonly standing: Standing;
  /** Weighted mean of the evidence, 0 to 1. */
  readonly mean: number;
  /** Tasks looked at. */
  readonly evidence: number;
}

/** The answers of one student to one kind of task, oldest first. */
export function weighEvidence(answers: readonly ProgressAnswer[]): { mean: number; evidence: number } {
  const byTask = new Map<number, ProgressAnswer[]>();
  for (const answer of answers) {
    const tries = byTask.get(answer.task) ?? [];
    // Taken out and put in again, so that a task stands where it was answered last.
    byTask.delete(answer.task);
    byTask.set(answer.task, [...tries, answer]);
  }
  const newest = [...byTask.values()].reverse().slice(0, MOST_EVIDENCE);
  let sum = 0;
  let weights = 0;
  for (const [age, tries] of newest.entries()) {
    const weight = AGEING ** age;
    sum += weight * evidenceOf(tries);
    weights += weight;
  }
  return { mean: weights === 0 ? 0 : sum / weights, evidence: newest.length };
}

function evidenceOf(tries: readonly ProgressAnswer[]): number {
  const right = tries.find(({ isRight }) => isRight);
  if (right === undefined) return 0;
  if (right.tryNumber > 1) return 0.3;
  return right.hints > 0 ? 0.6 : 1;
}

/** What a weighted mean of so much evidence is called; less than `least` says nothing. */
export function standingOf(
  { mean, evidence }: { readonly mean: number; readonly evidence: number },
  least = LEAST_EVIDENCE,
): Standing {
  if (evidence === 0) return 'not-begun';
  if (evidence < least) return 'begun';
  if (mean >= MASTERED_FROM) return 'can';
  return mean < REPEATED_BELOW ? 'repeat' : 'begun';
}

/** Where one student stands in every stage of an order; answers of all stages, oldest first. */
export function findProgress(
  answers: readonly ProgressAnswer[],
  order: readonly Stage[] = STAGES,
): StageProgress[] {
  return order.map((stage) => {
    const weighed = weighEvidence(answers.filter((answer) => answer.stage === stage));
    return { stage, standing: standingOf(weighed), ...weighed };
  });
}

/** The first stage that is not mastered; undefined when all are. */
export function findNextStage(progress: readonly StageProgress[]): Stage | undefined {
  return progress.find(({ standing }) => standing !== 'can')?.stage;
}
