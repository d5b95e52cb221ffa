import type { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import { failure, success, type Result } from '@/core/shared';

/**
 * No form or device of ours sends more, in letters and in parts (each value in a list or an object is one). A schema looks at every part
 * before it says no, so what is larger is refused before any schema sees it: it would keep all other requests waiting.
 */
export const MOST_LETTERS = 200_000;
export const MOST_PARTS = 10_000;

function isWithinBounds(input: unknown): boolean {
  const waiting = [input];
  let letters = 0;
  let parts = 0;
  while (waiting.length > 0) {
    const value = waiting.pop();
    if (typeof value === 'string') letters += value.length;
    if (Array.isArray(value)) {
      parts += value.length;
      if (parts <= MOST_PARTS) waiting.push(...(value as unknown[]));
    } else if (typeof value === 'object') {
      // Not Object.entries: of an object with very many keys that takes longer than to refuse it.
      for (const key in value) {
        parts += 1;
        letters += key.length;
        if (parts > MOST_PARTS) return false;
        waiting.push((value as Record<string, unknown>)[key]);
      }
    }
    if (letters > MOST_LETTERS || parts > MOST_PARTS) return false;
  }
  return true;
}

/** Parses what came over the wire; names the fields that are not valid. */
export function parseInput<Input>(schema: z.ZodMiniType<Input>, input: unknown): Result<Input, ServiceFault> {
  if (!isWithinBounds(input)) return failure({ code: 'input/not-valid', fields: ['input'] });
  const parsed = schema.safeParse(input);
  if (parsed.success) return success(parsed.data);
  const fields = [...new Set(parsed.error.issues.map(({ path }) => String(path[0] ?? 'input')))];
  return failure({ code: 'input/not-valid', fields });
}
