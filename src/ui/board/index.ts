export { Board } from './Board';
export { useCarry } from './carry';
export { DiagramPicture, ManPicture } from './Picture';
export { SignLegend } from './SignLegend';
export { type Drop, type HandRules } from './states';
export { savePicture, type PictureFormat } from './savePicture';
