export {
  cornerOf,
  DIAGRAM_UNITS,
  drawArrowSign,
  drawDiagram,
  drawSign,
  PRINT_PAINT,
  SCREEN_PAINT,
  SQUARE_MARKS,
  SQUARE_UNITS,
  type Diagram,
  type DiagramArrow,
  type DiagramMark,
  type SquareMark,
} from './diagram';
export { drawMan, drawManPicture } from './men';
