'use server';
import { revalidatePath } from 'next/cache';
import { clubSettingsSchema } from '@/contracts/clubs';
import type { ServiceFault } from '@/contracts/faults';
import { saveHouseWordsSchema } from '@/contracts/houseWords';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { changeClubSettings } from '@/server/services/clubs';
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
