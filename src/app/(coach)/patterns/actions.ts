'use server';
import { revalidatePath } from 'next/cache';
import { newClubPatternSchema, removeClubPatternSchema } from '@/contracts/clubPatterns';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubPatternId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { addClubPattern, removeClubPattern } from '@/server/services/clubPatterns';

export async function addClubPatternAction(input: unknown): Promise<Result<ClubPatternId, ServiceFault>> {
  const result = await runAsCoach(newClubPatternSchema, input, addClubPattern);
  revalidatePath('/patterns');
  revalidatePath('/desk');
  return result;
}

export async function removeClubPatternAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(removeClubPatternSchema, input, removeClubPattern);
  revalidatePath('/patterns');
  revalidatePath('/desk');
  return result;
}
