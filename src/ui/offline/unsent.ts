/** What a device tells of the answers that it holds, of all its children: their coach then knows who has to sign in there once more. */
import { z } from 'zod/mini';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { unsentNewsSchema, type UnsentNews } from '@/contracts/unsent';

const TOLD_KEY = 'vorschule-unsent-told';
const OUTBOX_KEY = /^vorschule-(outbox|suggestions)-(\d+)$/;

type Store = Pick<Storage, 'getItem' | 'setItem' | 'key' | 'length'>;

/** How many answers of each child lie here. */
export function countUnsent(store: Store): ReadonlyMap<number, number> {
  const counts = new Map<number, number>();
  for (let index = 0; index < store.length; index += 1) {
    const key = store.key(index) ?? '';
    const child = OUTBOX_KEY.exec(key)?.[2];
    if (child === undefined) continue;
    const studentId = Number(child);
    counts.set(studentId, (counts.get(studentId) ?? 0) + readList(store, key).length);
  }
  return counts;
}

/** What has changed since the server was told last: who has none left is told as well. Undefined when nothing has. */
export function findNews(store: Store, makeId: () => string): UnsentNews | undefined {
  const told = readTold(store);
  const before = new Map(told?.counts.map(({ studentId, answers }) => [Number(studentId), answers]));
  const now = countUnsent(store);
  const counts = [...new Set([...before.keys(), ...now.keys()])].map((studentId) => ({
    studentId,
    answers: now.get(studentId) ?? 0,
  }));
  if (counts.every(({ studentId, answers }) => (before.get(studentId) ?? 0) === answers)) return undefined;
  return unsentNewsSchema.safeParse({ deviceId: told?.deviceId ?? makeId(), counts }).data;
}

/** Tells the server, when there is something new. Whatever happens to it, it is told again later. */
export async function tellUnsent(store: Store, makeId: () => string): Promise<void> {
  const news = findNews(store, makeId);
  if (news === undefined) return;
  const { path } = SEAT_ROUTES.unsent;
  try {
    const headers = { 'content-type': 'application/json' };
    // Told to its end though the page is closed meanwhile.
    const request = { method: 'POST', headers, body: JSON.stringify(news), keepalive: true };
    const response = await fetch(path, request);
    if (!response.ok) return;
    const counts = news.counts.filter(({ answers }) => answers > 0);
    store.setItem(TOLD_KEY, JSON.stringify({ ...news, counts }));
  } catch {
    // No network, or a store that takes nothing: what lies here stays, and is told again.
  }
}

function readTold(store: Store): UnsentNews | undefined {
  return unsentNewsSchema.safeParse(readJson(store, TOLD_KEY)).data;
}

function readList(store: Store, key: string): readonly unknown[] {
  return z.array(z.unknown()).safeParse(readJson(store, key)).data ?? [];
}

function readJson(store: Store, key: string): unknown {
  try {
    return JSON.parse(store.getItem(key) ?? 'null');
  } catch {
    // Not ours, or spoiled.
    return undefined;
  }
}
