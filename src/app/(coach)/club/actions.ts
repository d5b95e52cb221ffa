'use server';
import { revalidatePath } from 'next/cache';
import { clubSettingsSchema } from '@/contracts/clubs';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import { z } from 'zod/mini';
import { changePasswordSchema, newCoachSchema, ownCoachSchema } from '@/contracts/people';
import { saveHouseWordsSchema } from '@/contracts/houseWords';
import type { Result } from '@/core/shared';
import { findOwnSession, runAsCoach } from '@/server/auth/access';
import { changeClubSettings } from '@/server/services/clubs';
import { addCoach } from '@/server/services/coaches';
import { saveHouseWords } from '@/server/services/houseWords';
import { changePassword, endOtherSessions, removeCoach, resetPassword } from '@/server/services/passwords';

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

export async function changePasswordAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(changePasswordSchema, input, async (actor, change) =>
    changePassword(actor, change, await findOwnSession()),
  );
}

export async function endOtherSessionsAction(): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(z.undefined(), undefined, async (actor) =>
    endOtherSessions(actor, await findOwnSession()),
  );
}

export async function resetPasswordAction(input: unknown): Promise<Result<string, ServiceFault>> {
  return runAsCoach(ownCoachSchema, input, resetPassword);
}

export async function removeCoachAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(ownCoachSchema, input, removeCoach);
  revalidatePath('/club');
  return result;
}
