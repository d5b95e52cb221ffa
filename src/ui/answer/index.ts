export { ExercisePlayer } from './ExercisePlayer';
export { SeatRound } from './SeatRound';
