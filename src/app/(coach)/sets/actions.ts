'use server';
import { revalidatePath } from 'next/cache';
import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId, SetId } from '@/contracts/ids';
import {
  addHabitSchema,
  addPuzzleSchema,
  addQuestionSchema,
  addRoundSchema,
  findStoredSchema,
  giveSetSchema,
  orderSetSchema,
  newSetSchema,
  removePuzzleSchema,
  replacePuzzleSchema,
  type AddedItem,
  type AddedPuzzle,
  type AddedRound,
} from '@/contracts/sets';
import { addStoredSchema, type AddedStored } from '@/contracts/library';
import { findSeenSchema, type SeenTask } from '@/contracts/seen';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { findSeen } from '@/server/services/seen';
import {
  addHabit,
  addQuestion,
  addStored,
  orderSet,
  removePuzzle,
  replacePuzzle,
} from '@/server/services/setBuilder';
import { addPuzzle, addRound, addSet, findStored, giveSet } from '@/server/services/sets';

export async function addSetAction(input: unknown): Promise<Result<SetId, ServiceFault>> {
  const result = await runAsCoach(newSetSchema, input, addSet);
  revalidatePath('/sets');
  return result;
}

export async function addPuzzleAction(input: unknown): Promise<Result<AddedPuzzle, ServiceFault>> {
  const result = await runAsCoach(addPuzzleSchema, input, addPuzzle);
  revalidatePath('/sets', 'layout');
  return result;
}

export async function addRoundAction(input: unknown): Promise<Result<AddedRound, ServiceFault>> {
  const result = await runAsCoach(addRoundSchema, input, addRound);
  revalidatePath('/sets', 'layout');
  return result;
}

export async function addHabitAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(addHabitSchema, input, addHabit);
  revalidatePath('/sets', 'layout');
  return result;
}

export async function addQuestionAction(input: unknown): Promise<Result<AddedItem, ServiceFault>> {
  const result = await runAsCoach(addQuestionSchema, input, addQuestion);
  revalidatePath('/sets', 'layout');
  return result;
}

export async function removePuzzleAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(removePuzzleSchema, input, removePuzzle);
  revalidatePath('/sets', 'layout');
  return result;
}

/** Changes nothing: which of these positions the club has stored. */
export async function findStoredAction(input: unknown): Promise<Result<string[], ServiceFault>> {
  return runAsCoach(findStoredSchema, input, findStored);
}

/** Changes nothing: which of these puzzles a class has had. */
export async function findSeenAction(
  input: unknown,
): Promise<Result<(SeenTask | undefined)[], ServiceFault>> {
  return runAsCoach(findSeenSchema, input, findSeen);
}

export async function orderSetAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(orderSetSchema, input, orderSet);
  revalidatePath('/sets', 'layout');
  return result;
}

export async function replacePuzzleAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(replacePuzzleSchema, input, replacePuzzle);
  revalidatePath('/sets', 'layout');
  return result;
}

export async function addStoredAction(input: unknown): Promise<Result<AddedStored, ServiceFault>> {
  const result = await runAsCoach(addStoredSchema, input, addStored);
  revalidatePath('/sets', 'layout');
  return result;
}

export async function giveSetAction(input: unknown): Promise<Result<AssignmentId, ServiceFault>> {
  const result = await runAsCoach(giveSetSchema, input, giveSet);
  revalidatePath('/sets', 'layout');
  return result;
}
