import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { StudentId } from '@/contracts/ids';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { renderUi } from '../../../tests/support/renderUi';
import { KeepSeat } from './KeepSeat';

let mockPath = '/seat';
jest.mock('next/navigation', () => ({ usePathname: () => mockPath }));

const ID = '6f9619ff-8b86-4d01-b42d-00cf4fc964ff';
const NOTE = /Offline\? Keep this page open/;
const show = () => renderUi(<KeepSeat studentId={7 as StudentId} />);

beforeEach(() => {
  window.localStorage.clear();
  mockPath = '/seat';
  Object.defineProperty(window, 'isSecureContext', { value: false, configurable: true });
});

test('over plain http a child is told once that the page must stay open', () => {
  const first = show();
  expect(screen.getByText(NOTE)).toBeVisible();
  fireEvent.click(screen.getByRole('button', { name: 'OK' }));
  expect(screen.queryByText(NOTE)).toBeNull();
  first.unmount();
  show();
  expect(screen.queryByText(NOTE)).toBeNull();
});

test('in the middle of a round it is not told', () => {
  mockPath = '/seat/3';
  show();
  expect(screen.queryByText(NOTE)).toBeNull();
});

test('where pages can be kept there is nothing to tell', () => {
  Object.defineProperty(window, 'isSecureContext', { value: true });
  Object.assign(window, { caches: {} });
  Object.defineProperty(navigator, 'serviceWorker', {
    value: { register: () => Promise.reject(new Error('not in this class')) },
    configurable: true,
  });
  show();
  expect(screen.queryByText(NOTE)).toBeNull();
});

test('as soon as the last answer is sent, the server hears that none is left here', async () => {
  const kept = {
    clientId: ID,
    roundId: 3,
    taskId: 5,
    answer: { kind: 'number', value: 4 },
    hints: 0,
    spentMs: 900,
  };
  window.localStorage.setItem(
    'vorschule-outbox-7',
    JSON.stringify([{ ...kept, answeredAt: '2026-11-30T10:00:00.000Z' }]),
  );
  window.localStorage.setItem(
    'vorschule-unsent-told',
    JSON.stringify({ deviceId: ID, counts: [{ studentId: 7, answers: 1 }] }),
  );
  const sent: unknown[] = [];
  window.fetch = (address, init) => {
    sent.push(address, JSON.parse(init?.body as string));
    return Promise.resolve({ ok: true, arrayBuffer: () => Promise.resolve(new ArrayBuffer(0)) } as Response);
  };
  show();
  // Sooner than the next regular report, which comes when the page has settled.
  await waitFor(() => expect(sent).toHaveLength(4), { timeout: 1000 });
  expect(sent[0]).toBe(SEAT_ROUTES.attempts.path);
  expect(sent.slice(2)).toEqual([
    SEAT_ROUTES.unsent.path,
    { deviceId: ID, counts: [{ studentId: 7, answers: 0 }] },
  ]);
});
