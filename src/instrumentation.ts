/** Next calls this when a page or one of its actions fails. */
import type { Instrumentation } from 'next';

export const onRequestError: Instrumentation.onRequestError = async (error, { method, path }) => {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { logEvent, routeOf } = await import('@/server/log');
  logEvent({ event: 'request-failed', method, route: routeOf(path), error });
};
