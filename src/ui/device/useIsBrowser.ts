import { useSyncExternalStore } from 'react';

const subscribeToNothing = () => () => undefined;

/** False on the server and in the first drawing in the browser: what reads the device's memory waits for it. */
export function useIsBrowser(): boolean {
  return useSyncExternalStore(
    subscribeToNothing,
    () => true,
    () => false,
  );
}
