export { BARE_PICTURES } from './bookPictures';
export { BOOK_STEPS, type BookStep } from './bookSteps';
export { isPatternId, PATTERN_IDS, PATTERNS, type PatternId } from './definitions';
export { READINGS, type Reading } from './form';
export { namePatterns, tellMate, type PatternMatch, type PatternRoles } from './recognise';
export { findSacrifices, type Sacrifice, type SacrificeAim } from './sacrifice';
export { listShownTags, tagMate, type MateTag } from './tagMate';
