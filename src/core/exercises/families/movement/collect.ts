/** Family `collect`: one piece captures all their men in the fewest moves. */
import { defineRoute, type Permission } from './routeTask';

const anywhere: Permission = () => true;

export const collectFamily = defineRoute({
  id: 'collect',
  stage: 'movement',
  skill: 'routes',
  levels: 5,
  code: 'collect',
  mayGo: anywhere,
});
