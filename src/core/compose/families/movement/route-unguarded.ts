import { makeRouteComposer } from './routes';

/** Off guarded squares. */
export const composeRouteUnguarded = makeRouteComposer('route-unguarded', {
  1: { roles: ['rook', 'queen', 'bishop'], own: 1, others: 2, fewest: [2, 2] },
  2: { roles: ['rook', 'bishop', 'knight', 'king'], own: 2, others: 3, fewest: [3, 3] },
  3: { roles: ['knight', 'king', 'bishop', 'rook'], own: 3, others: 4, fewest: [4, 4] },
  4: { roles: ['knight', 'king', 'rook'], own: 4, others: 5, fewest: [5, 6] },
  5: { roles: ['knight', 'king', 'bishop', 'rook'], own: 3, others: 4, fewest: [4, 4] },
});
