export const notation = 'How moves are written';

export const notationHelp =
  'For new exercises. Every form that can be understood is read; this says what comes of it.';

export const weTeach = 'We teach';

export const castlingWithZeros = 'Castling with zeros: 0-0';

export const howLengthMateCounted = 'How the length of a mate is counted';

export const mateLengthHelp =
  'A child who counts the other way is not marked wrong: right by either count is right.';

export const pieceValues = 'Piece values';

export const pieceValuesHelp = 'In points, for new exercises. What has been made before keeps its points.';

export const savePoints = 'Save these points';

export const pictureKeys = 'Picture keys';

export const pictureKeysHelp = 'For new children and new keys. Keys that children have now stay as they are.';

export const picturesKey = 'Pictures in a key';

export const forcingMoves = 'Forcing moves';

export const readingOrder = 'Reading order';

export const namesMates = 'Names of mates';

export const mateNamesHelp =
  'Books differ in how strictly they use a name. The strict meaning is always shown.';

export const showBroadMeaningsToo = 'Show the broad meanings too';

export const onlyLeadClubCan = 'Only a lead of the club can change this.';

export const houseWords = 'House words';

export const houseWordsHelp =
  'What you call things. Leave a word empty to use the standard one. Children read and hear your words in every exercise.';

export const wordsOf = 'For';

export const howMuchExplained = 'How much is explained';

export const everyReason = 'Every reason';

export const oneShortSentence = 'One short sentence';

export const standardWord = 'Standard word';

export const yourWord = 'Your word';

export const plural = 'Plural';

export const yourWordFor = (plainWord: string) => `Your word for ${plainWord}`;

export const pluralOf = (plainWord: string) => `Plural of ${plainWord}`;

export const clashWarning = (clash: string) => `${clash} Children will not know which is meant.`;

export const saveWords = 'Save these words';

export const settingsEveryClassClub = 'Settings for every class of the club.';

export const outbox = 'Outbox';

export const whoDidWhat = 'Who did what';

export const outboxHelp =
  'Emails as files. Vorschule sends nothing: open a file in your own email program and send it from there.';

export const club = 'Club';

export const inTheOutbox = 'In the outbox';

export const outboxEmpty = 'The outbox is empty. Write an email on the reports page of a class.';

export const writtenBy = (to: string, writtenBy: string, day: string) =>
  `To ${to}, written by ${writtenBy} on ${day}`;

export const emailTo = (to: string) => `To ${to}`;

export const whatSays = 'What it says';

export const file = 'The file';

export const fileHelp =
  'With the report in it as a PDF. It names a child: delete it where it is not needed any more.';

export const saveEmail = 'Save the email (.eml)';

export const auditLogHelp = 'Changes, and who opened which child’s page. Newest first, times in UTC.';

export const auditLog = 'Audit log';

export const when = 'When';

export const who = 'Who';

export const what = 'What';

export const about = 'About';

export const checkSigns = 'Check and mate signs missing or wrong';

export const captureSign = 'The capture sign missing, wrong or different';

export const castlingForms = 'Castling with zeros, small letters or as a king move';

export const promotionForms = 'Promotion written differently: e8Q, e8(Q)';

export const otherLetters = 'Small or foreign letters, pictures of pieces, a P for the pawn';

export const numberFirst = 'The number before the letter: 4e';

export const moreThanNeeded = 'More than needed: where the piece comes from';

export const spokenWords = 'Spoken words: knight takes e5';

export const numbersAndMarks = 'Move numbers, stops, spaces, ! and ?';

export const rightWithoutRemark = 'Right, without a remark';

export const rightWithRemark = 'Right, with a remark';

export const notRightYet = 'Not right yet';

export const shortForm = 'Where the piece goes: Nxe5';

export const longForm = 'From where to where: Nf3xe5';

export const withEveryBlock = 'With every block';

export const everyBlockHelp =
  'Each piece put in between counts as a move, even if it only delays. The mate has to be on the board.';

export const withoutPointlessBlocks = 'Without pointless blocks';

export const withoutPointlessBlocksHelp =
  'A check that can only be blocked by pieces that are captured at once counts as mate.';

export const keyOf3 = '3: easy to remember';

export const keyOf4 = '4: twelve times harder to guess';

export const keyOf5 = '5: for clubs whose codes get around';

export const savedFromNextAnswer = 'Saved. It applies from the next answer.';

export const wholeClub = 'the whole club';

export const savedWordsFor = (part: string) => `Saved for ${part}. These words are used from now on.`;

export const wholeClubOption = 'The whole club';

export const emailTitle = 'Email';
