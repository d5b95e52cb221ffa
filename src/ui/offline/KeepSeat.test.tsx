import { fireEvent, screen } from '@testing-library/react';
import type { StudentId } from '@/contracts/ids';
import { renderUi } from '../../../tests/support/renderUi';
import { KeepSeat } from './KeepSeat';

let mockPath = '/seat';
jest.mock('next/navigation', () => ({ usePathname: () => mockPath }));

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
