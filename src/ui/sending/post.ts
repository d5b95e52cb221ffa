import type { NewAttempt, NewShown } from '@/contracts/attempts';
import type { NewSuggestion } from '@/contracts/seatLesson';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import type { SendResult } from '@/core/shared';

/** Posts one attempt and says what became of it. */
export const postAttempt = (attempt: NewAttempt) => post(SEAT_ROUTES.attempts.path, attempt);
/** Posts that a solution was shown. */
export const postShown = (shown: NewShown) => post(SEAT_ROUTES.shown.path, shown);
/** Posts a move for the position on the board. */
export const postSuggestion = (suggestion: NewSuggestion) => post(SEAT_ROUTES.suggestions.path, suggestion);

/** What stands in front of a server says so when there is none behind it. */
const NO_SERVER: readonly number[] = [502, 503, 504];

async function post(address: string, item: NewAttempt | NewShown | NewSuggestion): Promise<SendResult> {
  try {
    const response = await fetch(address, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(item),
      keepalive: true,
    });
    // Read to its end, so that the connection is free for the next one.
    await response.arrayBuffer();
    if (response.ok) return 'stored';
    // 403: somebody else is signed in on this device; the answer waits for its own student.
    if (response.status === 401 || response.status === 403) return 'sign-in';
    if (response.status === 429 || NO_SERVER.includes(response.status)) return 'later';
    return response.status >= 500 ? 'failed' : 'refused';
  } catch {
    // fetch rejects only when nothing came back: no network, or no server.
    return 'later';
  }
}
