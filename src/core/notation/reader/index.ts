export { NOTATION_DIAGNOSES, type NotationDiagnosis, type NotationReason } from './codes';
export { LANGUAGES, type Language } from './letters';
export { readSpokenSquare } from './spoken';
export { readMove, readMoveOn, type ReadMove } from './readMove';
