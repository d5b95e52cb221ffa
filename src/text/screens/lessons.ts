export const noneYet = 'None yet.';

export const deleteHoliday = (name: string) => `Delete: ${name}`;

export const plan = (shortDay: string) => `Plan of ${shortDay}`;

export const open = 'Open';

export const putBackOn = 'Put back on';

export const topicHeading = 'What is it about';

export const beginsWith = 'Begins with';

export const makePlan = 'Make the plan';

export const deletePlan = (title: string) => `Delete the plan “${title}”?`;

export const deletePlanNamed = (title: string) => `Delete: ${title}`;

export const deletePlanQuestion = 'Delete this plan?';

export const daysWeek = 'Days of the week';

export const startsAt = 'At';

export const minutes = 'Minutes';

export const from = 'From';

export const to = 'To';

export const addTheseLessons = 'Add these lessons';

export const whoHere = 'Who is here';

export const hereAwayNotNoted = (count: number, count2: number, count3: number) =>
  `${count} here, ${count2} away, ${count3} not noted. One tap: here. Another: away.`;

export const allOthersHere = 'All the others are here';

export const catchUpHeading = 'For those who were away';

export const nothingToCatchUp = 'This lesson has no plan, so there is nothing to catch up on yet.';

export const planWithoutTasks = 'The plan has no exercises and no set, so there is nothing to do alone.';

export const catchUpHelp = (count: string) =>
  `What the class practised, ${count}, given to each of these children.`;

export const nobodyToGiveTo = 'No child to give it to';

export const giveTo = (list: string) => `Give it to ${list}`;

export const putInto = (segmentName: string) => `Add to ${segmentName}`;

export const fenMoves = 'FEN or moves';

export const itemLabel = 'What it is called';

export const whichMate = 'Which mate';

export const whichExercise = 'Which exercise';

export const level = 'Level';

export const tasks = 'Tasks';

export const whichSet = 'Which set';

export const addItem = 'Add it';

export const enough = 'Enough';

export const planTopic = 'What it is about';

export const emptyPlan = 'Nothing in it yet. Begin with what you want to show.';

export const addSegment = 'Add a segment';

export const oneMoreSegment = (segment: string) => `Another ${segment.toLowerCase()}`;

export const savePlan = 'Save the plan';

export const minutesAndRest = (minutes: number, part: string) => `${minutes} minutes. ${part}`;

export const fromMinute = (startsAt: number) => `From minute ${startsAt}`;

export const title = 'Title';

export const removeNamed = (name: string) => `Remove: ${name}`;

export const whatSay = 'What to say';

export const removeItem = (part: number, name: string) => `Remove item ${part} of ${name}`;

export const putSomethingIn = 'Add something';

export const putSomethingInto = (name: string) => `Add something to ${name}`;

/** "Fern: here". */
export const attendanceOf = (name: string, state: string) => `${name}: ${state}`;

/** "Cancel Tuesday 6 October". */
export const changeLesson = (isCancelled: boolean, day: string) =>
  `${isCancelled ? 'Put back on' : 'Cancel'} ${day}`;

export const segmentHeading = (from: number, minute: number, segment: string, part: string) =>
  `Minute ${from} to ${minute}: ${segment}${part}`;

export const untilDay = (day: string) => ` to ${day}`;

export const holidayName = 'Name of the holiday';

export const addHoliday = 'Add the holiday';

export const timeAndMinutes = (startsAt: string, minutes: number) => `${startsAt}, ${minutes} minutes`;

export const today = ', today';

export const noPlanYet = 'no plan yet';

export const hereAway = (hereCount: number, awayCount: number) => `${hereCount} here, ${awayCount} away`;

export const nothingYet = 'nothing yet';

export const usualLesson = 'A usual lesson of a stage';

export const aCopy = 'A copy';

export const allLessonsExist = 'All these lessons already exist.';

export const added = (count: string) => `${count} added.`;

export const listCanSeeIt = (list: string) => `${list} can see it now.`;

export const aPositionOrMoves = 'a position or moves';

export const aNamedMate = 'a named mate';

export const aSetOrStaircase = 'a set or staircase';

export const neitherPositionNorMoves = 'That is neither a position (FEN) nor a line of moves.';

export const levelOption = (one: number) => `level ${one}`;

export const notSavedYet = 'Not saved yet.';

/** How a child’s attendance is noted. */
export const ATTENDANCE_WORDS = { unknown: 'not noted', here: 'here', away: 'away' };

export const cancelled = 'cancelled';

export const exercises = 'exercises';
