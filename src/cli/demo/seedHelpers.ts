/** What every part of the seeding needs: fixed request ids, ids by name, the weeks. */
import dayjs from 'dayjs';
import { v5 as uuidOf } from 'uuid';
import type { ClassId, StudentId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { DEMO_CLASSES, type DemoClassId } from './people';

const NAMESPACE = '6f1c1b52-0f43-4d6e-9a8e-3f1f0a6b7c21';
export const SEED = 1207;

export const CLASS_IDS = Object.keys(DEMO_CLASSES) as DemoClassId[];

export type ClassIds = ReadonlyMap<DemoClassId, ClassId>;
export type StudentIds = Map<string, StudentId>;

export function getId<Key, Id>(ids: ReadonlyMap<Key, Id>, key: Key): Id {
  const id = ids.get(key);
  if (id === undefined) throw new Error(`the demo has no ${String(key)} yet`);
  return id;
}

/** Where the weeks are counted from: a seeding that is run again on another day goes on in the same weeks. */
export type Calendar = (week: number) => Date;
export const dayOf = (date: Date) => dayjs(date).format('YYYY-MM-DD');

export function requestOf(kind: string, name: string): string {
  return uuidOf(`${kind} ${name}`, NAMESPACE);
}

/** Seeding data of our own is never refused; a refusal is a bug and stops it. */
export function getValue<Value>(result: Result<Value, { readonly code: string }>): Value {
  if (result.ok) return result.value;
  throw new Error(`the demo was refused: ${JSON.stringify(result.error)}`);
}
