/** The pages of the seat that the device keeps: those of one child, who sits there now. */
import { SEAT_CACHES } from '@/contracts/seatCaches';

/** The last pages a child was on: its place, its path and its round. */
const MOST_PAGES = 6;

/**
 * Keeps the page as the server has it now, and the files it has loaded so far; later ones the service worker keeps itself. What is not the
 * page asked for, such as the door that one is sent to, is not kept. Where the network is away, what was kept stays.
 */
export async function keepPage(address: string, files: readonly string[]): Promise<void> {
  const [pages, kept] = await Promise.all([caches.open(SEAT_CACHES.pages), caches.open(SEAT_CACHES.files)]);
  try {
    const response = await fetch(address, { headers: { accept: 'text/html' } });
    if (response.status !== 200 || response.redirected) return;
    // Put in last: the first ones are the oldest.
    await pages.delete(address);
    await pages.put(address, response);
    const requests = await pages.keys();
    for (const request of requests.slice(0, -MOST_PAGES)) await pages.delete(request);
    for (const file of files) if ((await kept.match(file)) === undefined) await kept.add(file);
  } catch {
    // No network, or no room on the device: the seat goes on without.
  }
}

/** Forgets what was kept of whoever sat here. Files of the app stay: they are anybody's. */
export async function forgetPages(): Promise<void> {
  try {
    if ('caches' in window) await caches.delete(SEAT_CACHES.pages);
  } catch {
    // A browser that lets nothing be kept has kept nothing; nobody stays signed in for that.
  }
}
