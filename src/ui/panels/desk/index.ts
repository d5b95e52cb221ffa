export type { DeskActions, SetChoice } from './AddToSet';
export { Desk } from './Desk';
