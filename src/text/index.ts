export { faultText } from './faults';
export { mateLabel, mateQuestion, mateText, noMateText, progressText, undecidedText } from './proof';
export { moveSentence, rightSentence, wrongSentence } from './seat';
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
