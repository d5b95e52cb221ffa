'use server';
import type { ServiceFault } from '@/contracts/faults';
import type { RoundId } from '@/contracts/ids';
import { nextRoundSchema, practiceSchema } from '@/contracts/paths';
import type { Result } from '@/core/shared';
import { runAsStudent } from '@/server/auth/access';
import { startNextRound } from '@/server/services/nextRound';
import { startPractice } from '@/server/services/paths';

export async function startPracticeAction(input: unknown): Promise<Result<RoundId, ServiceFault>> {
  return runAsStudent(practiceSchema, input, startPractice);
}

export async function startNextRoundAction(input: unknown): Promise<Result<RoundId, ServiceFault>> {
  return runAsStudent(nextRoundSchema, input, startNextRound);
}
