export { composeSquare as composeNameSquare } from './squares';
