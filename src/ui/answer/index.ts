export { ExercisePlayer } from './ExercisePlayer';
export { SeatRound } from './SeatRound';
export { PAWNS } from './ground';
