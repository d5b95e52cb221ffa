/** What a child has made of an answer so far, kept on the device field by field: a reload, a closed lid or an empty battery loses none of it. */
import { useEffect, useState, type Dispatch, type SetStateAction } from 'react';
import { z } from 'zod/mini';

/** The fields of one answer in the making. What was written elsewhere or spoiled is read as nothing. */
export interface Draft {
  readonly read: (field: string) => unknown;
  readonly write: (field: string, value: unknown) => void;
}

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;
/** A store whose keys can be listed. */
type ListedStore = Store & Pick<Storage, 'key' | 'length'>;

const PREFIX = 'vorschule-draft-';
/** About 100 kB of the few MB a browser gives; a class that shares a tablet has far fewer tasks open at once. */
const MOST_DRAFTS = 200;

/** Where the answer to a task of a round is kept. */
export const draftKeyOf = (roundId: number, taskId: number) => `${PREFIX}${roundId}-${taskId}`;

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

/** Drafts that were never finished go once there are too many of them: those of the oldest rounds first, whose numbers are the lowest. */
export function clearOldDrafts(store: ListedStore, most = MOST_DRAFTS): void {
  const roundOf = (key: string) => Number(key.slice(PREFIX.length).split('-')[0]);
  const keys = listDrafts(store).sort((one, other) => roundOf(other) - roundOf(one));
  for (const key of keys.slice(most)) dropDraft(store, key);
}

/** The store for what a child has given: where it is full, the drafts make room, for an answer weighs more than half of one. */
export function makeAnswerStore(store: ListedStore): Store {
  return {
    getItem: (key) => store.getItem(key),
    removeItem: (key) => store.removeItem(key),
    setItem(key, value) {
      try {
        store.setItem(key, value);
      } catch {
        clearOldDrafts(store, 0);
        store.setItem(key, value);
      }
    },
  };
}

function listDrafts(store: ListedStore): string[] {
  try {
    const keys = Array.from({ length: store.length }, (_, index) => store.key(index) ?? '');
    return keys.filter((key) => key.startsWith(PREFIX));
  } catch {
    // A store that is switched off holds none.
    return [];
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
  schema: z.ZodMiniType<Value>,
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
