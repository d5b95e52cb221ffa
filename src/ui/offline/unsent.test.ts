import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { countUnsent, findNews, tellUnsent } from './unsent';

const DEVICE = '6f9619ff-8b86-4d01-b42d-00cf4fc964ff';
const makeId = () => DEVICE;
const keep = (key: string, answers: number) =>
  window.localStorage.setItem(key, JSON.stringify(Array.from({ length: answers }, () => ({}))));

let isReached: boolean;
const sent: unknown[] = [];

beforeEach(() => {
  window.localStorage.clear();
  sent.length = 0;
  isReached = true;
  window.fetch = (address, init) => {
    expect(address).toBe(SEAT_ROUTES.unsent.path);
    if (!isReached) return Promise.reject(new Error('no network'));
    sent.push(JSON.parse(init?.body as string));
    return Promise.resolve({ ok: true } as Response);
  };
});

test('answers and suggestions of every child that lie here are counted, and nothing else', () => {
  keep('vorschule-outbox-12', 2);
  keep('vorschule-suggestions-12', 1);
  keep('vorschule-outbox-7', 4);
  keep('vorschule-place-9', 3);
  window.localStorage.setItem('vorschule-outbox-8', 'spoiled');
  expect([...countUnsent(window.localStorage)].sort()).toEqual([
    [12, 3],
    [7, 4],
    [8, 0],
  ]);
});

test('the server is told what is new once, and that nothing is left', async () => {
  await tellUnsent(window.localStorage, makeId);
  expect(sent).toEqual([]);
  keep('vorschule-outbox-12', 2);
  await tellUnsent(window.localStorage, makeId);
  await tellUnsent(window.localStorage, () => 'another id');
  expect(sent).toEqual([{ deviceId: DEVICE, counts: [{ studentId: 12, answers: 2 }] }]);
  window.localStorage.removeItem('vorschule-outbox-12');
  keep('vorschule-outbox-7', 1);
  await tellUnsent(window.localStorage, () => 'another id');
  expect(sent.at(-1)).toEqual({
    deviceId: DEVICE,
    counts: [
      { studentId: 12, answers: 0 },
      { studentId: 7, answers: 1 },
    ],
  });
});

test('what could not be told is told again', async () => {
  keep('vorschule-outbox-12', 2);
  isReached = false;
  await tellUnsent(window.localStorage, makeId);
  expect(findNews(window.localStorage, makeId)).toBeDefined();
  isReached = true;
  await tellUnsent(window.localStorage, makeId);
  expect(sent).toHaveLength(1);
  expect(findNews(window.localStorage, makeId)).toBeUndefined();
});
