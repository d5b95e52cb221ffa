import type { NewAttempt } from '@/contracts/attempts';
import type { NewSuggestion } from '@/contracts/live';
import type { Sendable, SendResult } from '@/core/shared';

/** Posts one attempt and says what became of it. */
export const postAttempt = (attempt: NewAttempt) => post('/api/attempts', attempt);
/** Posts a move for the position on the board. */
export const postSuggestion = (suggestion: NewSuggestion) => post('/api/suggestions', suggestion);

async function post(address: string, item: Sendable): Promise<SendResult> {
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
    return response.status >= 400 && response.status < 500 && response.status !== 429 ? 'refused' : 'later';
  } catch {
    // fetch rejects only when nothing came back: no network, or no server.
    return 'later';
  }
}
