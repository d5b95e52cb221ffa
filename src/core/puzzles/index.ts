export { makeExactKey, makeTwinKey, swapColours } from './puzzleKeys';
export {
  listKeys,
  listMainLine,
  solutionGraphSchema,
  type MoveFate,
  type SolutionGraph,
  type SolutionNode,
} from './solutionGraph';
