import fc from 'fast-check';
import { reckonAnswerTime } from './answerTime';

const GIVEN = new Date('2026-10-01T15:00:00.000Z');
const RECEIVED = new Date('2026-10-20T15:00:00.000Z');
const DAY_MS = 86_400_000;
const reckon = (waitedMs: number) => reckonAnswerTime({ waitedMs, givenAt: GIVEN, receivedAt: RECEIVED });

test('an answer kept offline over a holiday keeps its place', () => {
  expect(reckon(14 * DAY_MS)).toEqual(new Date('2026-10-06T15:00:00.000Z'));
  expect(reckon(0)).toEqual(RECEIVED);
});

test('whatever a device says, the time lies between task given and receipt', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, noNaN: true }), (waitedMs) => {
      const at = reckon(waitedMs).getTime();
      expect(at).toBeGreaterThanOrEqual(GIVEN.getTime());
      expect(at).toBeLessThanOrEqual(RECEIVED.getTime());
    }),
    { seed: 20 },
  );
});

test('where the server was set back after giving the task, receipt counts', () => {
  const at = reckonAnswerTime({ waitedMs: 0, givenAt: RECEIVED, receivedAt: GIVEN });
  expect(at).toEqual(GIVEN);
});
