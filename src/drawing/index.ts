export { drawDiagram, SCREEN_PAINT, type Diagram, type SquareMark } from './diagram';
export { drawManPicture } from './men';
