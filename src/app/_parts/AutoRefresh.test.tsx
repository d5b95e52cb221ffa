/** A page that stays open: it is fetched anew when there is news, and stays as it is when there is none or nobody answers. */
import { act, render } from '@testing-library/react';
import { AutoRefresh } from './AutoRefresh';

const mockRefresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: mockRefresh }) }));

let cursor: string | undefined;
let asked: string[];

beforeEach(() => {
  asked = [];
  mockRefresh.mockClear();
  jest.useFakeTimers();
  globalThis.fetch = (address) => {
    asked.push(address as string);
    if (cursor === undefined) return Promise.reject(new Error('offline'));
    return Promise.resolve({ ok: true, json: () => Promise.resolve({ cursor }) } as unknown as Response);
  };
});

afterEach(() => jest.useRealTimers());

const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

test('the page is fetched when the cursor is another one, and not before', async () => {
  cursor = '1';
  const { rerender } = render(<AutoRefresh address="/api/news" cursor="1" />);
  await pass(20_000);
  expect(asked.length).toBeGreaterThan(3);
  expect(mockRefresh).not.toHaveBeenCalled();
  cursor = '2';
  await pass(4100);
  expect(mockRefresh).toHaveBeenCalledTimes(1);
  rerender(<AutoRefresh address="/api/news" cursor="2" />);
  await pass(20_000);
  expect(mockRefresh).toHaveBeenCalledTimes(1);
});

test('what is no news is seen after a minute', async () => {
  cursor = '1';
  render(<AutoRefresh address="/api/news" cursor="1" />);
  await pass(65_000);
  expect(mockRefresh).toHaveBeenCalledTimes(1);
});

test('nobody answers, or another than our server: the page stays', async () => {
  cursor = undefined;
  render(<AutoRefresh address="/api/news" cursor="1" />);
  await pass(90_000);
  expect(mockRefresh).not.toHaveBeenCalled();
  globalThis.fetch = () =>
    Promise.resolve({ ok: true, json: () => Promise.resolve({ portal: true }) } as unknown as Response);
  await pass(90_000);
  expect(mockRefresh).not.toHaveBeenCalled();
});

test('while nobody looks at the page nothing is asked', async () => {
  cursor = '1';
  const seen = jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
  render(<AutoRefresh address="/api/news" cursor="1" />);
  await pass(20_000);
  expect(asked).toEqual([]);
  seen.mockReturnValue('visible');
  await pass(4100);
  expect(asked).toEqual(['/api/news']);
  seen.mockRestore();
});
