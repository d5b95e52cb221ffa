export { clubFileText } from './clubFile';
export { fateText, FORCING_WORDS, takenText } from './fates';
export { faultText } from './faults';
export { refusedText } from './refused';
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
export {
  answerText,
  hintText,
  isTurnSaid,
  optionText,
  PAWN_GOAL_WORDS,
  PAWN_RULE_WORDS,
  questionText,
  type PawnRule,
} from './exercises';
export { FAMILY_WORDS, PRESET_WORDS, STAGE_WORDS } from './families';
export { LEVEL_WORDS } from './levels';
export { noteText, pawnEndText, verdictText } from './notes';
export { masteryText, nextRoundText, ROUND_REASON_WORDS, topicText } from './topics';
export {
  hardshipText,
  homeworkText,
  listGameChances,
  minutesText,
  mistakeText,
  weekText,
  repeatText,
  STANDING_WORDS,
  gapText,
  standingText,
} from './progress';
export { readMoveText, reasonText as moveReasonText } from './notation';
export {
  findPatterns,
  listRoleSentences,
  mateCalledText,
  mateNamedText,
  matchText,
  sacrificeText,
  stairText,
  tagsText,
  twinText,
} from './patterns';
export {
  classMailText,
  lessonsText,
  listChildLines,
  listGroupLines,
  listHomeworkLines,
  listRepeatLines,
  NAMES_CAUTION,
  NAMES_FILE_CAUTION,
  reportFoot,
  reportMailText,
} from './reports';
export { chanceLineText, chancePlaceText, chanceText, gameTitle, resultText } from './games';
export { gradeText, KEY_KIND_WORDS } from './grade';
export {
  answerLineText,
  ledgerText,
  SUGGESTION_WORDS,
  suggestionText,
  thoughtText,
  workedAnswerText,
} from './live';
export { planItemText, SEGMENT_WORDS, segmentText, shortDayText, WEEKDAY_WORDS } from './lessons';
export { makeStagePlan } from './planTemplates';
export { TRAIL_WORDS } from './trail';
export { dayText, ROSTER_FAULT_WORDS, rosterChangeText } from './roster';
export { choiceText, menText, setUpText, sideLineText } from './paper';
export { forecastText, knownText, setProofText, setSummaryText } from './forecast';
export { PATTERN_WORDS } from './patternBook';
export { PATTERN_NAMES } from './patternNames';
export { WING_WORDS } from './words';
export { encodingFaultText, pgnFaultText, pgnWarningText } from './pgn';
export { clashText, firstSentence, listWordClashes, makeHouseVoice, plainWord } from './house';
export { boardStateText, handFaultText, manMoveText } from './hand';
export { seenPuzzleText, seenSetText } from './seen';
export {
  leaveUnsentText,
  moveSentence,
  refutedSentence,
  rightSentence,
  SEAT_REASON_WORDS,
  seatTaskName,
  unsentText,
  wentWellText,
  wrongSentence,
} from './seat';
export { HELP_LABELS, HELP_STEPS, helpStepText, moveIdeaText, type HelpStep } from './help';
export { defenceText, moveKindText } from './tree';
export { writtenVerdictText } from './written';
export {
  ARROW_WORDS,
  boardDrawingText,
  MARK_WORDS,
  squarePlaceWords,
  countWords,
  listWords,
  manWords,
  PICTURE_WORDS,
  ROLE_WORDS,
  SIDE_WORDS,
  SIGN_WORDS,
  squareWords,
} from './words';
