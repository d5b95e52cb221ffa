import { clearOldDrafts, draftKeyOf, makeAnswerStore, openDraft } from '.';

beforeEach(() => window.localStorage.clear());

const listKeys = () => Object.keys(window.localStorage).sort();

test('drafts of the oldest rounds go when there are too many; nothing else of the device goes with them', () => {
  for (const [round, task] of [
    [9, 1],
    [10, 1],
    [10, 2],
    [100, 1],
  ] as const) {
    openDraft(window.localStorage, draftKeyOf(round, task)).write('text', 'e4');
  }
  window.localStorage.setItem('vorschule-place-9', '{}');
  clearOldDrafts(window.localStorage, 3);
  expect(listKeys()).toEqual(
    [draftKeyOf(10, 1), draftKeyOf(10, 2), draftKeyOf(100, 1), 'vorschule-place-9'].sort(),
  );
});

test('an answer takes the room of the drafts when the device is full', () => {
  /** A device with room for so many characters. */
  const ROOM = 400;
  const kept = new Map<string, string>();
  const full = {
    get length() {
      return kept.size;
    },
    key: (index: number) => [...kept.keys()][index] ?? null,
    getItem: (key: string) => kept.get(key) ?? null,
    removeItem: (key: string) => void kept.delete(key),
    setItem(key: string, value: string) {
      const used = [...kept].reduce((sum, [name, text]) => sum + (name === key ? 0 : text.length), 0);
      if (used + value.length > ROOM) throw new Error('QuotaExceededError');
      kept.set(key, value);
    },
  };
  openDraft(full, draftKeyOf(1, 1)).write('text', 'x'.repeat(300));
  const answer = 'a'.repeat(200);
  makeAnswerStore(full).setItem('vorschule-outbox-7', answer);
  expect([...kept]).toEqual([['vorschule-outbox-7', answer]]);
  // What no draft can make room for is the outbox's own care: it keeps it in hand.
  expect(() => makeAnswerStore(full).setItem('vorschule-outbox-7', 'a'.repeat(ROOM + 1))).toThrow();
});
