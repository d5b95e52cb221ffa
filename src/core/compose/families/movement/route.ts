import { makeRouteComposer } from './routes';

/** Round own men. */
export const composeRoute = makeRouteComposer('route', {
  1: { roles: ['rook', 'bishop'], own: 3, others: 0, fewest: [2, 2] },
  2: { roles: ['rook', 'bishop', 'king', 'knight'], own: 6, others: 0, fewest: [3, 3] },
  3: { roles: ['knight', 'bishop', 'king', 'rook'], own: 12, others: 0, fewest: [4, 4] },
  4: { roles: ['knight', 'bishop', 'king', 'rook'], own: 15, others: 0, fewest: [5, 6] },
  5: { roles: ['knight', 'bishop', 'king', 'rook'], own: 12, others: 0, fewest: [4, 4] },
});
