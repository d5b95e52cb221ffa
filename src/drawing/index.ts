export {
  DIAGRAM_UNITS,
  drawDiagram,
  MARGIN_UNITS,
  PRINT_PAINT,
  SCREEN_PAINT,
  SQUARE_UNITS,
  type Diagram,
  type DiagramPaint,
  type SquareMark,
} from './diagram';
export { drawManPicture, type ManPaint } from './men';
