/** Answers that could not be stored: their coaches are told, so that none is lost in silence. */
import { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import { requestIdSchema } from '@/contracts/ids';
import { parseInput } from '../auth/parseInput';
import type { Result } from '@/core/shared';
import type { StudentActor } from '../auth/actors';
import { addRefusedAnswer } from '../data/refusedAnswers';
import { getDb } from '../db';
import { getNow } from './clock';

/** The device keeps the answer and sends it again: nothing is lost. */
const SENT_AGAIN: readonly ServiceFault['code'][] = [
  'access/not-signed-in',
  'access/not-allowed',
  'round/not-found',
];

const clientSchema = z.object({ clientId: requestIdSchema });

/**
 * Parses and stores an answer, and notes what could not be stored for good, or, with a bug of ours, not yet. What nobody could tell apart
 * from another answer, for it has no id, is not noted.
 */
export async function storeOrTell<Input, Value>(
  actor: StudentActor,
  body: unknown,
  schema: z.ZodMiniType<Input>,
  store: (actor: StudentActor, input: Input) => Promise<Result<Value, ServiceFault>>,
): Promise<Result<Value, ServiceFault>> {
  try {
    const input = parseInput(schema, body);
    const result = input.ok ? await store(actor, input.value) : input;
    if (!result.ok && !SENT_AGAIN.includes(result.error.code)) await note(actor, body, result.error.code);
    return result;
  } catch (error) {
    // The database itself may be what is wrong: then there is nobody to tell, and the device keeps the answer anyway.
    await note(actor, body, 'server/failed').catch(() => undefined);
    throw error;
  }
}

async function note({ studentId }: StudentActor, body: unknown, reason: string): Promise<void> {
  const parsed = clientSchema.safeParse(body);
  if (!parsed.success) return;
  const { clientId } = parsed.data;
  const text = JSON.stringify(body);
  await addRefusedAnswer(getDb(), { studentId, clientId, reason, body: text, receivedAt: getNow() });
}
