export { findChance, listPlayed, type PlayedMove } from './chances';
export { createTaskSearches, makeMateTask, type MateTaskResult, type TaskSearches } from './mateTask';
export { composeExercise } from './exercises';
export { composePatternMate, type PatternMate, type PatternRecipe } from './patternMates';
export { composePuzzles, type ComposedPuzzle, type PuzzleRecipe } from './puzzles';
export { makeStaircase, type Stair, type StaircaseResult, type StairKind } from './staircase';
export { listBoardQuestions, type FamilyFit } from './askBoard';
export { bringBoard, MISFITS, type BroughtBoard, type Fit, type Misfit } from './brought';
