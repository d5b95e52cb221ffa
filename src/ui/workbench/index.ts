export { homeOf, reduceBench, startBench, type BenchState, type Hand, type Tool } from './bench';
export { isCastlingPossible, listPassedSquares, startPosition, type PositionEdit } from './positionState';
export { playLine, type ShownLine } from './shownLine';
export {
  hasMoves,
  isPromotion,
  listHandMarks,
  replaySteps,
  squaresOfRefusal,
  type Refusal,
  type StudyStep,
} from './study';
export { QuestionPicker } from './QuestionPicker';
export { Tray } from './Tray';
export { useSight, type SightLook } from './useSight';
export { usePastedPosition } from './usePastedPosition';
export { useBoardQuestions, type BoardQuestions } from './useBoardQuestions';
export { marksInHand, useBench, type Bench } from './useBench';
