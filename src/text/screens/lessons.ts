export const noneYet = 'None yet.';

export const deleteIt = 'Delete';

export const deleteIt2 = (name: string) => `Delete: ${name}`;

export const plan = (shortDay: string) => `Plan of ${shortDay}`;

export const open = 'Open';

export const putBack = 'Put back on';

export const cancel = 'Cancel';

export const whatAbout = 'What is it about';

export const begins = 'Begins with';

export const makePlan = 'Make the plan';

export const deletePlan = (title: string) => `Delete the plan “${title}”?`;

export const deleteIt3 = (title: string) => `Delete: ${title}`;

export const deletePlan2 = 'Delete this plan?';

export const daysWeek = 'Days of the week';

export const at = 'At';

export const minutes = 'Minutes';

export const from = 'From';

export const to = 'To';

export const addTheseLessons = 'Add these lessons';

export const whoHere = 'Who is here';

export const hereAwayNotNoted = (count: number, count2: number, count3: number) =>
  `${count} here, ${count2} away, ${count3} not noted. One tap: here. Another: away.`;

export const allOthersHere = 'All the others are here';

export const thoseWhoWereAway = 'For those who were away';

export const lessonHasNoPlan = 'The lesson has no plan, so there is nothing to catch up on yet.';

export const planHasNoExercises = 'The plan has no exercises and no set, so there is nothing to do alone.';

export const whatWasPractisedLaid = (count: string) =>
  `What the class practised, ${count}, given to each of these children.`;

export const nobodyGive = 'Nobody to give it to';

export const give = (list: string) => `Give it to ${list}`;

export const putInto = (segmentName: string) => `Put into ${segmentName}`;

export const fenMoves = 'FEN or moves';

export const whatCalled = 'What it is called';

export const whichMate = 'Which mate';

export const whichExercise = 'Which exercise';

export const level = 'Level';

export const tasks = 'Tasks';

export const whichSet = 'Which set';

export const put = 'Put it in';

export const enough = 'Enough';

export const whatAbout2 = 'What it is about';

export const nothingYetBeginWhat = 'Nothing in it yet. Begin with what you want to show.';

export const addSegment = 'Add a segment';

export const oneMore = (segment: string) => `${segment} one more`;

export const savePlan = 'Save the plan';

export const minutes2 = (minutes: number, part: string) => `${minutes} minutes. ${part}`;

export const fromMinute = (startsAt: number) => `From minute ${startsAt}`;

export const title = 'Title';

export const remove = 'Remove';

export const remove2 = (name: string) => `Remove: ${name}`;

export const whatSay = 'What to say';

export const removeItem = (part: number, name: string) => `Remove item ${part} of ${name}`;

export const putSomething = 'Put something in';

export const putSomethingInto = (name: string) => `Put something into ${name}`;

/** "Fern: here". */
export const attendanceOf = (name: string, state: string) => `${name}: ${state}`;

/** "Cancel Tuesday 6 October". */
export const changeLesson = (isCancelled: boolean, day: string) =>
  `${isCancelled ? 'Put back on' : 'Cancel'} ${day}`;
