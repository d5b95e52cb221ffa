export { composeReach } from './reaches';
