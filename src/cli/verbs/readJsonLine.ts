import { en } from 'zod/locales';
import type { z } from 'zod/mini';
import { failure, success, type Result } from '@/core/shared';

/** The object of a JSON line, or the sentence that names what is wrong with it; `what` says which object is meant. */
export function readJsonLine<Value>(
  schema: z.ZodMiniType<Value>,
  what: string,
  text: string,
): Result<Value, string> {
  const parsed = schema.safeParse(readJson(text), { error: en().localeError });
  if (parsed.success) return success(parsed.data);
  const faults = parsed.error.issues.map(({ path, message }) => `${path.join('.')} ${message}`.trim());
  return failure(`not ${what}: ${faults.join('; ')}`);
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    // The schema says that this is no object.
    return undefined;
  }
}
