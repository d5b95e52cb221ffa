export { SeatRound } from './SeatRound';
