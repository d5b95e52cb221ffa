/** What a device keeps of the seat for when there is no network: pages of the child who sits there, and files of the app that are anybody's. */
export const SEAT_CACHES = { pages: 'vorschule-seat-pages', files: 'vorschule-seat-files' } as const;

/** Where the service worker is served from. */
export const SEAT_WORKER = '/seat-worker.js';
