export { Board } from './Board';
export { useCarry } from './carry';
export { DiagramPicture, ManPicture, SignLegend } from './Picture';
export { type Drop, type HandRules } from './states';
export { savePicture, type PictureFormat } from './savePicture';
