/** What a child has made of an answer so far, kept on the device field by field: a reload, a closed lid or an empty battery loses none of it. */
import { useEffect, useState, type Dispatch, type SetStateAction } from 'react';
import { z } from 'zod';

/** The fields of one answer in the making. What was written elsewhere or spoiled is read as nothing. */
export interface Draft {
  readonly read: (field: string) => unknown;
  readonly write: (field: string, value: unknown) => void;
}

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const fieldsSchema = z.record(z.string(), z.unknown());

/** Kept under `key`. A store that is full or switched off costs the draft, never the answer. */
export function openDraft(store: Store, key: string): Draft {
  const fields = new Map(Object.entries(readFields(store, key)));
  return {
    read: (field) => fields.get(field),
    write(field, value) {
      fields.set(field, value);
      try {
        store.setItem(key, JSON.stringify(Object.fromEntries(fields)));
      } catch {
        // Nothing more can be kept here.
      }
    },
  };
}

/** The answer was given, or is begun anew. */
export function dropDraft(store: Store, key: string): void {
  try {
    store.removeItem(key);
  } catch {
    // What can't be written to holds nothing.
  }
}

/** Where nothing is to be kept: a coach who tries an exercise. */
export const NO_DRAFT: Draft = { read: () => undefined, write: () => undefined };

function readFields(store: Store, key: string): Readonly<Record<string, unknown>> {
  try {
    return fieldsSchema.safeParse(JSON.parse(store.getItem(key) ?? '{}')).data ?? {};
  } catch {
    return {};
  }
}

/** State of a screen that begins with what was kept of it, and is kept as it changes. The value is plain JSON. */
export function useDraft<Value>(
  draft: Draft,
  field: string,
  schema: z.ZodType<Value>,
  first: Value | (() => Value),
): readonly [Value, Dispatch<SetStateAction<Value>>] {
  const [value, setValue] = useState<Value>(() => {
    const kept = schema.safeParse(draft.read(field));
    if (kept.success) return kept.data;
    return first instanceof Function ? first() : first;
  });
  useEffect(() => {
    if (draft.read(field) !== value) draft.write(field, value);
  }, [draft, field, value]);
  return [value, setValue];
}
