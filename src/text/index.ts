export { CLUB_PART_WORDS, clubFileText, namelessText } from './clubFile';
export { fateText, FORCING_WORDS, takenText } from './fates';
export { fieldFaultText, type FieldFault } from './fields';
export { faultText } from './faults';
export { logText } from './log';
export { schemaWaitText } from './schema';
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
export { answerText, hintText, optionText, questionText } from './exercises';
export { familyName, familyWords } from './familyTexts';
export type { FamilyWords, WordsOf } from './family';
export { pawnEndText, pawnQuestionText, pawnRuleText, type PawnRule } from './pawnGame';
export { asWritten, joinSpoken, makeTerms, PLAIN_TERMS, type Spoken, type Terms } from './terms';
export { PRESET_WORDS, stageName } from './stages';
export { noteText, verdictText } from './notes';
export { armySightText, sightText } from './sight';
export { masteryText, nextRoundText, ROUND_REASON_WORDS, topicText } from './topics';
export {
  troubleSpotText,
  homeworkText,
  listGameChances,
  minutesText,
  mistakeText,
  weekText,
  repeatText,
  MASTERY_STATE_WORDS,
  gapText,
  masteryStateText,
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
  classEmailText,
  lessonsText,
  listChildLines,
  listGroupLines,
  listHomeworkLines,
  listRepeatLines,
  NAMES_CAUTION,
  NAMES_FILE_CAUTION,
  reportFoot,
  reportEmailText,
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
export { AUDIT_WORDS } from './auditLog';
export { dayText, ROSTER_FAULT_WORDS, rosterChangeText } from './roster';
export { choiceText, menText, setUpText, sideLineText } from './paper';
export { forecastText, knownText, setProofText, setSummaryText } from './forecast';
export { PATTERN_WORDS } from './patternBook';
export { PATTERN_NAMES } from './patternNames';
export { wingTexts } from './words';
export { encodingFaultText, pgnFaultText, pgnWarningText } from './pgn';
export { clashText, firstSentence, listWordClashes, plainWord } from './house';
export { boardStateText, handFaultText, manMoveText, promotionText } from './hand';
export { seenPuzzleText, seenSetText } from './seen';
export {
  leaveUnsentText,
  moveSentence,
  refutedSentence,
  rightSentence,
  SEAT_REASON_WORDS,
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
  markTexts,
  squarePlaceWords,
  countText,
  listWords,
  manWords,
  PICTURE_WORDS,
  SIDE_WORDS,
  signTexts,
  squareWords,
} from './words';
