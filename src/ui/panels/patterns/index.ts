export { ClubMates } from './ClubMates';
export { PatternPage } from './PatternPage';
export { PatternWall } from './PatternWall';
