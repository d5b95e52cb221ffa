export const noChildNow = (className: string) =>
  `There is no child in ${className} now, so there is nothing to report.`;

export const reportsChildren = 'Reports of the children';

export const childReportsHelp =
  'A page for each child: what they can do, what is next, attendance, and a position they solved. Children are not compared.';

export const reportClass = 'Report of the class';

export const classReportHelp =
  'For its coaches: what to repeat, children who need the same things, homework, attendance.';

export const forLabel = 'For';

export const makePdf = 'Make the PDF';

export const certificates = 'Certificates';

export const noneMastered =
  'No child has mastered a stage yet: that takes six tasks, with recent ones nearly all right first time.';

export const certificatesHelp =
  'For every child whose answers show a mastered stage: six tasks or more, with recent ones nearly all right first time.';

export const stage = 'Stage';

export const forList = (list: string) => `For ${list}.`;

export const intoOutbox = 'Into the outbox';

export const emailHelp =
  'Vorschule sends nothing. It saves an email with the report as a file. Look at it, then open it in your own email program.';

export const report = 'Report';

export const toLabel = 'To';

export const writeEmail = 'Write the email';

export const outbox = 'It is in the outbox: ';

export const lookAt = 'look at it';

export const deleteNamed = (subject: string) => `Delete: ${subject}`;

export const reportOf = (name: string) => `Report of ${name}`;

export const recordOf = (name: string) => `Record of ${name}`;

export const reportsOf = (name: string, day: string) => `Reports of ${name}, ${day}`;

export const whatCanDo = (name: string) => `What ${name} can do`;

export const tooEarly = 'It is too early to say: the first answers are in, and more are needed.';

export const onTheWay = 'On the way';

export const stillHard = 'Still hard';

export const whatComesNext = 'What comes next';

export const inTheLessons = 'In the lessons';

export const foundFirstTime = (mateQuestion: string, name: string, day: string, name2: string) =>
  `${mateQuestion} ${name} found it at the first try on ${day}: let ${name2} show you how.`;

export const classReportUnder = (termName: string, clubName: string, day: string) =>
  `${termName}. ${clubName}, ${day}. For those who teach the class: it names children.`;

export const repeatUntil = (day: string) => `To repeat until ${day}`;

export const childrenWhoNeedSame = 'Children who need the same things';

export const howHomeworkWent = 'How the homework went';

export const childByChild = 'Child by child';

export const classReportFoot = (day: string) =>
  `Worked out from the stored answers on ${day}. Children stand in the order of their names.`;

export const certificatesTitle = (title: string) => `Certificates, ${title}`;

export const hasMastered = (title: string) => `has mastered: ${title}`;

export const shownInExercises = 'Shown in these exercises:';

export const coach = 'Coach';

export const classes = 'Classes';

export const enrolment = (className: string, termName: string, day: string, part: string) =>
  `${className}, ${termName}: ${day} to ${part}`;

export const timeTasks = 'Time and tasks';

export const timeAndTasksLine = (
  className: string,
  termName: string,
  count: string,
  right: number,
  minutes: string,
) => `${className}, ${termName}: ${count}, ${right} right first time, ${minutes}`;

export const lessonsHeading = 'Lessons';

export const ratingAtMates = 'Rating at mates';

export const none = 'None';

export const deviation = (round: number, round2: number) => `${round}, with a deviation of ${round2}`;

export const games = 'Games';

export const sideNotTold = 'side not given';

export const movesSuggestedAtBoard = 'Moves suggested at the board';

export const answersCouldNotSaved = 'Answers that could not be saved';

export const emailsInOutbox = 'Emails in the outbox';

export const emailLine = (day: string, to: string, subject: string) => `${day}, to ${to}: ${subject}`;

export const answersNewestFirst = 'Answers, the newest first';

export const notRight = 'Not right.';

export const answerLine = (day: string, className: string, tryNumber: number, text: string, part: string) =>
  `${day}, ${className}, try ${tryNumber}: ${text} ${part}`;

export const recordFoot =
  'Holds a child’s name and answers: keep it as your school’s rules and the law of your country ask.';

export const allChildren = 'All children, a page each';

export const ofClassToCoach = 'Of the class, to a coach';

export const ofChild = (name: string) => `Of ${name}`;

export const reportOfIn = (name: string, name2: string) => `Report of ${name}, ${name2}`;

export const right = 'Right.';

export const recordUnder = (clubName: string, day: string, name: string) =>
  `${clubName}, ${day}. Everything stored about ${name}; the JSON file holds the same for machines.`;
