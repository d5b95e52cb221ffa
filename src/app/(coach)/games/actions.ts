'use server';
import { revalidatePath } from 'next/cache';
import type { ServiceFault } from '@/contracts/faults';
import { newGameSchema, removeGameSchema, type StoredGame } from '@/contracts/games';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { addGame, removeGame } from '@/server/services/games';

export async function addGameAction(input: unknown): Promise<Result<StoredGame, ServiceFault>> {
  const result = await runAsCoach(newGameSchema, input, addGame);
  revalidatePath('/games');
  return result;
}

export async function removeGameAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(removeGameSchema, input, removeGame);
  revalidatePath('/games', 'layout');
  return result;
}
