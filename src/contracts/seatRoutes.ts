/**
 * What a seat sends and asks again and again, besides its pages. A whole club does so at once, and a page server spends as much on each
 * request as storing an answer costs: the door of our own answers these (cli/web/seatDoor.ts).
 */
export const SEAT_ROUTES = {
  attempts: { method: 'POST', path: '/api/attempts' },
  shown: { method: 'POST', path: '/api/shown' },
  suggestions: { method: 'POST', path: '/api/suggestions' },
  rounds: { method: 'POST', path: '/api/seat/rounds' },
  unsent: { method: 'POST', path: '/api/seat/unsent' },
  news: { method: 'GET', path: '/api/seat/news' },
  place: { method: 'GET', path: '/api/seat/place' },
} as const;

export type SeatRouteName = keyof typeof SEAT_ROUTES;
