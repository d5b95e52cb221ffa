export { ExercisePlayer } from './ExercisePlayer';
export { SeatRound } from './SeatRound';
export { useSuggestions } from './useOutbox';
export { PAWNS } from './ground';
