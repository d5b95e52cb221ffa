/**
 * What a student can, believed from answers alone. Question: where does this student stand in a stage, what is still to come, and what is
 * next?
 *
 * Each task answered is one result, weighed as everywhere (weigh.ts). "I can do this" has to be earned: besides a weighted mean of four
 * fifths and more over six tasks at least, a stage asks for half of its families, each shown by two tasks right at once at its middle level
 * or above and not forgotten by what the reviews say; for each piece, where the stage is about pieces; and for answers on two days. The
 * figures are ours; they say nothing a coach could not overrule.
 */
import type { Role } from '../board';
import {
  EXERCISE_IDS,
  EXERCISES,
  isAboutPiece,
  LEARNT_PIECES,
  listLevels,
  STAGES,
  type FamilyId,
  type Stage,
} from '../exercises';
import type { ProgressAnswer } from './answers';
import { masteryStateOf, RESULTS, weighResults, type Mastery, type MasteryState } from './weigh';

const LEAST_EVIDENCE = 6;
/** Tasks right at once that show a family. */
const SHOWN_BY = 2;
/** The share of a stage's families that has to be shown. */
const LEAST_FAMILIES = 1 / 2;
const LEAST_DAYS = 2;
/** A family that is believed to be remembered less well than this is not shown any more. */
const LEAST_RECALL = 0.7;

/** What a stage still asks for before it is mastered. */
export type StageGap =
  | { readonly kind: 'pieces'; readonly pieces: readonly Role[] }
  /** So many of these families have to be shown. */
  | { readonly kind: 'families'; readonly families: readonly FamilyId[]; readonly count: number }
  | { readonly kind: 'another-day' };

export interface StageProgress {
  readonly stage: Stage;
  readonly masteryState: MasteryState;
  /** Weighted mean of the evidence, 0 to 1. */
  readonly mean: number;
  /** Tasks looked at. */
  readonly evidence: number;
  /** Nothing where the stage is mastered or not begun. */
  readonly gaps: readonly StageGap[];
}

/** The chance, 0 to 1, that a family is remembered now; undefined where nothing is known of it. */
export type RecallOf = (family: FamilyId) => number | undefined;

/** The answers of one student to one kind of task, oldest first. */
export function weighTasks(answers: readonly ProgressAnswer[]): Mastery {
  const byTask = new Map<number, ProgressAnswer[]>();
  for (const answer of answers) {
    const tries = byTask.get(answer.task) ?? [];
    // Taken out and put in again, so that a task stands where it was answered last.
    byTask.delete(answer.task);
    byTask.set(answer.task, [...tries, answer]);
  }
  return weighResults([...byTask.values()].reverse().map(resultOf));
}

function resultOf(tries: readonly ProgressAnswer[]): number {
  const right = tries.find(({ isRight }) => isRight);
  if (right === undefined) return RESULTS.never;
  if (right.tryNumber > 1) return RESULTS.later;
  return right.hints > 0 ? RESULTS.withHelp : RESULTS.atOnce;
}

/** Where one student stands in every stage of an order; answers of all stages, oldest first. */
export function findProgress(
  answers: readonly ProgressAnswer[],
  order: readonly Stage[] = STAGES,
  recallOf: RecallOf = () => undefined,
): StageProgress[] {
  return order.map((stage) => {
    const own = answers.filter((answer) => answer.stage === stage);
    const { mean, evidence } = weighTasks(own);
    const masteryState = masteryStateOf({ mean, evidence }, LEAST_EVIDENCE);
    const gaps = masteryState === 'not-begun' ? [] : listGaps(stage, own, recallOf);
    return {
      stage,
      masteryState: masteryState === 'can' && gaps.length > 0 ? 'begun' : masteryState,
      mean,
      evidence,
      gaps,
    };
  });
}

function listGaps(stage: Stage, answers: readonly ProgressAnswer[], recallOf: RecallOf): StageGap[] {
  const clean = answers.filter(({ isRight, tryNumber, hints }) => isRight && tryNumber === 1 && hints === 0);
  const gaps: StageGap[] = [];
  const families = listFamilies(stage);
  const pieces = families.some(isAboutPiece)
    ? LEARNT_PIECES.filter((piece) => !clean.some((answer) => answer.piece === piece))
    : [];
  if (pieces.length > 0) gaps.push({ kind: 'pieces', pieces });
  const missing = families.filter((family) => !isShown(family, clean, recallOf));
  const count = Math.ceil(families.length * LEAST_FAMILIES) - (families.length - missing.length);
  if (count > 0) gaps.push({ kind: 'families', families: missing, count });
  const days = new Set(clean.map(({ day }) => day));
  if (days.size < LEAST_DAYS) gaps.push({ kind: 'another-day' });
  return gaps;
}

function listFamilies(stage: Stage): FamilyId[] {
  const families: FamilyId[] = EXERCISE_IDS.filter((id) => EXERCISES[id].stage === stage);
  return stage === 'forced-mates' ? [...families, 'mate'] : families;
}

function isShown(family: FamilyId, clean: readonly ProgressAnswer[], recallOf: RecallOf): boolean {
  // Of mates every length counts: they have no levels.
  const least = family === 'mate' ? 0 : Math.ceil(listLevels(family).length / 2);
  const tasks = new Set(
    clean.filter((answer) => answer.family === family && answer.level >= least).map(({ task }) => task),
  );
  return tasks.size >= SHOWN_BY && (recallOf(family) ?? 1) >= LEAST_RECALL;
}

/** The first stage that is not mastered; undefined when all are. */
export function findNextStage(progress: readonly StageProgress[]): Stage | undefined {
  return progress.find(({ masteryState }) => masteryState !== 'can')?.stage;
}
