export { PatternPage } from './PatternPage';
export { PatternWall } from './PatternWall';
