'use server';
import { revalidatePath } from 'next/cache';
import { clubSettingsSchema } from '@/contracts/clubs';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import { newCoachSchema } from '@/contracts/people';
import { saveHouseWordsSchema } from '@/contracts/houseWords';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { changeClubSettings } from '@/server/services/clubs';
import { addCoach } from '@/server/services/coaches';
import { saveHouseWords } from '@/server/services/houseWords';

export async function changeClubSettingsAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(clubSettingsSchema, input, changeClubSettings);
  revalidatePath('/', 'layout');
  return result;
}

export async function saveHouseWordsAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(saveHouseWordsSchema, input, saveHouseWords);
  revalidatePath('/', 'layout');
  return result;
}

export async function addCoachAction(input: unknown): Promise<Result<CoachId, ServiceFault>> {
  const result = await runAsCoach(newCoachSchema, input, addCoach);
  revalidatePath('/club');
  return result;
}
