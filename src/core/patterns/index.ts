export { BARE_PICTURES } from './bookPictures';
export { BOOK_STEPS, type BookStep } from './bookSteps';
export {
  clubPictureSchema,
  defineClubPattern,
  listMarkable,
  listUsuallyMarked,
  makeClubPicture,
  type ClubPicture,
  type ClubPictureFault,
} from './clubPicture';
export { isPatternId, FIRST_MATES, PATTERN_IDS, PATTERNS, type PatternId } from './definitions';
export { READINGS, type PatternDefinition, type Reading } from './form';
export { matchPatterns, namePatterns, tellMate, type PatternMatch, type PatternRoles } from './recognise';
export { findSacrifices, type Sacrifice, type SacrificeAim } from './sacrifice';
export { listShownTags, tagMate, tagMateBy, type MateTag } from './tagMate';
