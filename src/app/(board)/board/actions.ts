'use server';
import type { ServiceFault } from '@/contracts/faults';
import type { LiveId, QuestionId } from '@/contracts/ids';
import {
  askSchema,
  beginLiveSchema,
  closeQuestionSchema,
  endLiveSchema,
  saveLivePlaceSchema,
} from '@/contracts/live';
import { newSuggestionSchema } from '@/contracts/seatLesson';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import {
  addCalledMove,
  askQuestion,
  beginLive,
  closeQuestion,
  endLive,
  saveLivePlace,
} from '@/server/services/live';

export async function beginLiveAction(input: unknown): Promise<Result<LiveId, ServiceFault>> {
  return runAsCoach(beginLiveSchema, input, beginLive);
}

export async function endLiveAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(endLiveSchema, input, endLive);
}

export async function saveLivePlaceAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(saveLivePlaceSchema, input, saveLivePlace);
}

export async function askQuestionAction(input: unknown): Promise<Result<QuestionId, ServiceFault>> {
  return runAsCoach(askSchema, input, askQuestion);
}

export async function closeQuestionAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(closeQuestionSchema, input, closeQuestion);
}

export async function addCalledMoveAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(newSuggestionSchema, input, addCalledMove);
}
