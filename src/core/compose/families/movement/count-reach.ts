/** The boards of `reach`, counted instead of marked. */
export { composeReach as composeCountReach } from './reaches';
