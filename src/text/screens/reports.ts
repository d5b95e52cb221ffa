export const thereNoChildNow = (className: string) =>
  `There is no child in ${className} now, so there is nothing to report.`;

export const reportsChildren = 'Reports of the children';

export const pageEachChildWhat =
  'A page for each child: what they can do, what is next, attendance, and a position they solved. Children are not compared.';

export const reportClass = 'Report of the class';

export const coachesWhatRepeatChildren =
  'For its coaches: what to repeat, children who need the same things, homework, attendance.';

export const forIt = 'For';

export const makePdf = 'Make the PDF';

export const certificates = 'Certificates';

export const noChildHasMastered =
  'No child has mastered a stage yet: that takes six tasks, with recent ones nearly all right first time.';

export const everyChildWhoseAnswers =
  'For every child whose answers show a mastered stage: six tasks or more, with recent ones nearly all right first time.';

export const stage = 'Stage';

export const forIt2 = (list: string) => `For ${list}.`;

export const intoOutbox = 'Into the outbox';

export const vorschuleSendsNothingWrites =
  'Vorschule sends nothing. It saves an email with the report as a file. Look at it, then open it in your own email program.';

export const report = 'Report';

export const to = 'To';

export const writeMail = 'Write the email';

export const outbox = 'It is in the outbox: ';

export const lookAt = 'look at it';

export const deleteIt = 'Delete';

export const deleteIt2 = (subject: string) => `Delete: ${subject}`;
