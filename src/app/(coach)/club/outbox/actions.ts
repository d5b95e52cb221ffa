'use server';
import { revalidatePath } from 'next/cache';
import { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import { emailIdSchema, type EmailId } from '@/contracts/ids';
import { newEmailSchema } from '@/contracts/reports';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { removeEmail, writeEmail } from '@/server/services/outbox';

export async function writeEmailAction(input: unknown): Promise<Result<EmailId, ServiceFault>> {
  const result = await runAsCoach(newEmailSchema, input, writeEmail);
  revalidatePath('/club/outbox');
  return result;
}

export async function removeEmailAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(z.object({ emailId: emailIdSchema }), input, removeEmail);
  revalidatePath('/club/outbox');
  return result;
}
