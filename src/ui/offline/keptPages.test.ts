import { SEAT_CACHES } from '@/contracts/seatCaches';
import { forgetPages, keepPage } from './keptPages';

/** As much of a browser's caches as is used: entries in the order in which they were put. */
function makeCaches() {
  const stores = new Map<string, Map<string, string>>();
  const open = (name: string) => {
    const store = stores.get(name) ?? new Map<string, string>();
    stores.set(name, store);
    return Promise.resolve({
      match: (key: string) => Promise.resolve(store.get(key)),
      put: async (key: string, response: { text(): Promise<string> }) =>
        void store.set(key, await response.text()),
      add: (key: string) => Promise.resolve(void store.set(key, 'a file')),
      delete: (key: string) => Promise.resolve(store.delete(key)),
      keys: () => Promise.resolve([...store.keys()]),
    });
  };
  return {
    stores,
    storage: { open, delete: (name: string) => Promise.resolve(stores.delete(name)) },
  };
}

let kept: ReturnType<typeof makeCaches>;
/** What the server says to the next request; undefined: there is no network. */
let answer: { status: number; redirected: boolean; text: string } | undefined;
beforeEach(() => {
  kept = makeCaches();
  answer = { status: 200, redirected: false, text: 'a page' };
  Object.assign(window, {
    caches: kept.storage,
    fetch: () =>
      answer === undefined
        ? Promise.reject(new TypeError('no network'))
        : Promise.resolve({ ...answer, text: () => Promise.resolve(answer?.text ?? '') }),
  });
});

const pages = () => [...(kept.stores.get(SEAT_CACHES.pages)?.keys() ?? [])];

test('the last six pages are kept, the newest last', async () => {
  for (const number of [1, 2, 3, 4, 5, 6, 7, 3]) await keepPage(`/seat/${number}`, []);
  expect(pages()).toEqual([2, 4, 5, 6, 7, 3].map((number) => `/seat/${number}`));
});

test('the files that a page has loaded are kept once', async () => {
  await keepPage('/seat', ['/_next/static/a.js']);
  await keepPage('/seat/1', ['/_next/static/a.js', '/_next/static/b.css']);
  expect([...(kept.stores.get(SEAT_CACHES.files)?.keys() ?? [])]).toEqual([
    '/_next/static/a.js',
    '/_next/static/b.css',
  ]);
});

test.each([
  ['an error', { status: 503, redirected: false, text: 'away' }],
  ['the door that one is sent to', { status: 200, redirected: true, text: 'the door' }],
  ['nothing, without a network', undefined],
])('%s takes the place of no page', async (_, said) => {
  await keepPage('/seat', []);
  answer = said;
  await keepPage('/seat', []);
  expect(kept.stores.get(SEAT_CACHES.pages)?.get('/seat')).toBe('a page');
});

test('forgotten, no page of a child is left; files of the app are', async () => {
  await keepPage('/seat', ['/_next/static/a.js']);
  await forgetPages();
  expect(pages()).toEqual([]);
  expect(kept.stores.get(SEAT_CACHES.files)?.size).toBe(1);
});
