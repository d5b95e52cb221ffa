import { act, fireEvent, screen } from '@testing-library/react';
import type { KeptAttempt } from '@/contracts/attempts';
import type { RoundId, StudentId, TaskId } from '@/contracts/ids';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { renderUi } from '../../../tests/support/renderUi';
import { LeaveButton } from './LeaveButton';
import { UnsentCard } from './UnsentCard';

const CHILD = 7 as StudentId;

/** Does the network carry what is sent? */
let isOnline: boolean;
const sent: string[] = [];

beforeEach(() => {
  window.localStorage.clear();
  sent.length = 0;
  jest.useFakeTimers();
  globalThis.fetch = (address, init) => {
    if (!isOnline) return Promise.reject(new TypeError('no network'));
    if (address === SEAT_ROUTES.attempts.path) sent.push(init?.body as string);
    const arrayBuffer = () => Promise.resolve(new ArrayBuffer(0));
    return Promise.resolve({ ok: true, status: 200, arrayBuffer } as Response);
  };
});
afterEach(() => jest.useRealTimers());

const settle = () => act(() => jest.advanceTimersByTimeAsync(10));
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

function keepAnswers(count: number, studentId = 7): void {
  const answers = Array.from({ length: count }, (_, at): KeptAttempt => ({
    clientId: `6f9619ff-8b86-4d01-b42d-00cf4fc964f${at}`,
    roundId: 5 as RoundId,
    taskId: 11 as TaskId,
    answer: { kind: 'number', value: at },
    hints: 0,
    spentMs: 10,
    answeredAt: new Date().toISOString(),
  }));
  window.localStorage.setItem(`vorschule-outbox-${studentId}`, JSON.stringify(answers));
}

test('answers on the device are told on the home and sent from there', async () => {
  isOnline = false;
  keepAnswers(2);
  renderUi(<UnsentCard studentId={CHILD} />);
  await settle();
  expect(screen.getByRole('status')).toHaveTextContent(
    '2 answers are still on this device. No connection right now. They will be sent later.',
  );
  isOnline = true;
  press('Send now');
  await settle();
  expect(sent).toHaveLength(2);
  expect(screen.queryByRole('status')).toBeNull();
  expect(window.localStorage.getItem('vorschule-outbox-7')).toBeNull();
});

test('where nothing waits, or all goes out at once, there is nothing to tell', async () => {
  isOnline = true;
  keepAnswers(1);
  renderUi(<UnsentCard studentId={CHILD} />);
  await settle();
  expect(screen.queryByRole('status')).toBeNull();
  expect(sent).toHaveLength(1);
});

describe('I am done', () => {
  const open = () => {
    const left: string[] = [];
    renderUi(
      <LeaveButton
        studentId={CHILD}
        leave={() => {
          left.push('left');
          return Promise.resolve();
        }}
      />,
    );
    return left;
  };

  test('sends what waits and leaves', async () => {
    isOnline = true;
    keepAnswers(1);
    const left = open();
    press('I am done');
    await settle();
    expect(sent).toHaveLength(1);
    expect(left).toEqual(['left']);
  });

  test('warns when answers could not be sent; the child stays, or leaves them here for later', async () => {
    isOnline = false;
    keepAnswers(1);
    // Of another child, who has signed out: no matter of this one.
    keepAnswers(2, 9);
    const left = open();
    press('I am done');
    await settle();
    expect(screen.getByRole('alert')).toHaveTextContent(
      '1 answer is not sent yet. This device keeps it safe. Sign in here again to send it.',
    );
    expect(left).toEqual([]);
    press('Stay here');
    press('I am done');
    await settle();
    press('Leave anyway');
    await settle();
    expect(left).toEqual(['left']);
    expect(window.localStorage.getItem('vorschule-outbox-7')).toContain('number');
    expect(window.localStorage.getItem('vorschule-outbox-9')).toContain('number');
  });
});
