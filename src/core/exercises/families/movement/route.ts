/** Family `route`: to the target in the fewest moves, round its own men. */
import { defineRoute, type Permission } from './routeTask';

const ontoFreeSquares: Permission = ({ draft }, { to }) => draft.board[to] === undefined;

export const routeFamily = defineRoute({
  id: 'route',
  stage: 'movement',
  skill: 'routes',
  levels: 5,
  code: 'route',
  mayGo: ontoFreeSquares,
});
