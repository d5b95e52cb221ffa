/**
 * Family `route-unguarded`: to the target in the fewest moves without stopping where a man of theirs could capture; a man of theirs may be
 * captured on the way.
 */
import { listThreats } from './looseMoves';
import { defineRoute, type Permission } from './routeTask';

const ontoSafeSquares: Permission = ({ draft }, move) => listThreats(draft, move).length === 0;

export const routeUnguardedFamily = defineRoute({
  id: 'route-unguarded',
  stage: 'movement',
  skill: 'routes',
  levels: 5,
  code: 'route-unguarded',
  mayGo: ontoSafeSquares,
});
