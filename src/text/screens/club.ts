export const howMovesWritten = 'How moves are written';

export const newExercisesEveryForm =
  'For new exercises. Every form that can be understood is read; this says what comes of it.';

export const weTeach = 'We teach';

export const castlingZeros00 = 'Castling with zeros: 0-0';

export const howLengthMateCounted = 'How the length of a mate is counted';

export const childWhoCountsOther =
  'A child who counts the other way is not marked wrong: right by either count is right.';

export const pieceValues = 'Piece values';

export const pointsNewExercisesWhat =
  'In points, for new exercises. What has been made before keeps its points.';

export const keepThesePoints = 'Save these points';

export const pictureKeys = 'Picture keys';

export const newChildrenNewKeys =
  'For new children and new keys. Keys that children have now stay as they are.';

export const picturesKey = 'Pictures in a key';

export const forcingMoves = 'Forcing moves';

export const readingOrder = 'Reading order';

export const namesMates = 'Names of mates';

export const booksDifferHowNarrowly =
  'Books differ in how strictly they use a name. The strict meaning is always shown.';

export const showBroadMeaningsToo = 'Show the broad meanings too';

export const onlyLeadClubCan = 'Only a lead of the club can change this.';

export const houseWords = 'House words';

export const whatYouCallThings =
  'What you call things. Leave a word empty to use the standard one. Children read and hear your words in every exercise.';

export const forIt = 'For';

export const howMuchExplained = 'How much is explained';

export const everyReason = 'Every reason';

export const oneShortSentence = 'One short sentence';

export const standardWord = 'Standard word';

export const yourWord = 'Your word';

export const plural = 'Plural';

export const yourWord2 = (plainWord: string) => `Your word for ${plainWord}`;

export const plural2 = (plainWord: string) => `Plural of ${plainWord}`;

export const childrenWillNotKnow = (clash: string) => `${clash} Children will not know which is meant.`;

export const saveTheseWords = 'Save these words';

export const settingsEveryClassClub = 'Settings for every class of the club.';

export const outbox = 'Outbox';

export const whoDidWhat = 'Who did what';

export const mailsAsFilesNothing =
  'Emails as files. Vorschule sends nothing: open a file in your own email program and send it from there.';

export const club = 'Club';

export const outbox2 = 'In the outbox';

export const nothingReportsClassCan = 'The outbox is empty. Write an email on the reports page of a class.';

export const writtenBy = (to: string, writtenBy: string, day: string) =>
  `To ${to}, written by ${writtenBy} on ${day}`;

export const to = (to: string) => `To ${to}`;

export const whatSays = 'What it says';

export const file = 'The file';

export const reportAsPdfNames =
  'With the report in it as a PDF. It names a child: delete it where it is not needed any more.';

export const saveMailAsFile = 'Save the email (.eml)';

export const changesLooksAtChildrens =
  'Changes, and who opened which child’s page. Newest first, times in UTC.';

export const auditLog = 'Audit log';

export const when = 'When';

export const who = 'Who';

export const what = 'What';

export const about = 'About';
