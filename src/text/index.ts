export { fateText, takenText } from './fates';
export { faultText } from './faults';
export {
  atMostText,
  blocklessText,
  mateLabel,
  mateQuestion,
  mateText,
  noMateText,
  progressText,
  undecidedText,
} from './proof';
export { TAP_FAMILY_WORDS, TAP_LEVEL_WORDS, tapNoteText, tapQuestion, tapVerdictText } from './lessons';
export { readMoveText } from './notation';
export { moveSentence, rightSentence, wrongSentence } from './seat';
export { defenceText, moveKindText } from './tree';
export { writtenVerdictText } from './written';
export {
  countWords,
  listWords,
  manWords,
  PICTURE_WORDS,
  ROLE_WORDS,
  SIDE_WORDS,
  SIGN_WORDS,
  squareWords,
} from './words';
