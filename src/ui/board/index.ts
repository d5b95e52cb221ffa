export { Board } from './Board';
export { useCarry } from './carry';
export { DiagramPicture, ManPicture } from './Picture';
export { type Drop, type HandRules } from './states';
