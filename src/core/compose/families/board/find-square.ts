export { composeSquare as composeFindSquare } from './squares';
