export { ExercisePlayer } from './ExercisePlayer';
export { SeatRound } from './SeatRound';
export { useOutbox, useSuggestions } from './useOutbox';
export { PAWNS } from './ground';
