'use server';
import { revalidatePath } from 'next/cache';
import { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import { mailIdSchema, type MailId } from '@/contracts/ids';
import { newMailSchema } from '@/contracts/reports';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { removeMail, writeMail } from '@/server/services/outbox';

export async function writeMailAction(input: unknown): Promise<Result<MailId, ServiceFault>> {
  const result = await runAsCoach(newMailSchema, input, writeMail);
  revalidatePath('/club/outbox');
  return result;
}

export async function removeMailAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(z.object({ mailId: mailIdSchema }), input, removeMail);
  revalidatePath('/club/outbox');
  return result;
}
