export {
  drawArrowSign,
  drawDiagram,
  drawSign,
  SCREEN_PAINT,
  SQUARE_MARKS,
  type Diagram,
  type DiagramArrow,
  type DiagramMark,
  type SquareMark,
} from './diagram';
export { drawManPicture } from './men';
