import { capital, type Terms, type Spoken } from '../terms';

export const piecesToPlace = 'Pieces to place';

export const hand = 'Hand';

export const pieceView = 'Piece’s view';

export const sideView = 'Side’s view';

export const tapToSee = 'Tap a piece to see what it sees.';

export const takeOff = 'Take off';

export const giveOwnName = 'Give this mate your club’s own name';

export const pictureHelp = 'Mark what belongs to the picture. Everything else is ignored.';

export const pictureHeading = 'What belongs to the picture';

export const roleInPicture = (role: string, makeSquareName: string, does: string) =>
  `${role} on ${makeSquareName} ${does}`;

export const name = 'Its name';

export const saveName = 'Save this name';

export const addToSet = 'Add to set';

export const setLabel = 'Set';

export const proveMateFirst = 'Prove a mate first.';

export const namesNotKnown = 'Its names are not known: the tree is too large.';

export const yourClubCalls = 'Your club calls it: ';

export const yourClubCallsSomeLines = 'Your club calls some lines: ';

export const endsIn = 'Ends in: ';

export const someLines = 'In some lines: ';

export const noSolutionYet = 'The whole solution appears here once a mate is proved.';

export const workingOut = 'Working out every defence ...';

export const stoppedBeforeTree = 'Stopped. The mate is proved; its tree is not complete.';

export const browserStoppedTree = 'The browser stopped the calculation of the tree. Prove again.';

export const partOfTree = 'Only part of the tree is shown; the longest defences come first.';

export const onlyOneDefenceSaves = (part: string, side: string) => `${part}: only one defence saves ${side}`;

export const tryAndRefutation = (sanOf: string, sanOf2: string) => `${sanOf}? but ${sanOf2}!`;

export const dualAlso = (join: string) => ` Dual: also ${join}.`;

export const andThen = 'and then';

export const readForcingMoves = 'Read the forcing moves';

export const lookingAtEveryMove = 'Looking at every move ...';

export const forcingHelp =
  'Every check, then captures, then quiet threats of mate: guess what each leads to, then see.';

export const showFirst = 'Show the first';

export const showNext = 'Show the next';

export const allShown = 'All shown';

export const showAll = 'Show all';

export const hideAgain = 'Hide again';

export const none = 'none';

export const lookAtEveryMove = 'Look at every move';

export const ifCouldMove = (side: string) => `If ${side} could move`;

export const everyMoveHelp =
  'For each move: mate and how soon, what is won or lost, a draw, or that nothing was found. Mates are proved; the rest is seen so many plies deep.';

export const noMoveInCheck = (side: string) =>
  `${side} is in check, so the other side can’t be the one to move.`;

export const browserStopped = 'The browser stopped the calculation. Ask again.';

export const line = 'The line';

export const noLineYet = 'The line appears here once there is one.';

export const backHome = 'Back home';

export const stepBack = 'Step back';

export const stepOn = 'Step on';

export const fenLabel = 'FEN of this position';

export const fenHelp = 'Paste another one here to set it up.';

export const setUp = 'Set up';

export const keepBoard = 'Keep the board';

export const rightsHeading = (terms: Terms) => `Castling and ${terms.one('in-passing')}`;

export const enPassantSquare = (terms: Terms) => `${capital(terms.one('in-passing'))} square`;

export const longestMate = 'Longest mate to look for';

export const prove = 'Prove';

export const proveHomePosition = 'Prove the home position';

export const proveBoardAsShown = 'Prove the board as shown';

export const staircase = 'Staircase';

export const nothingProved =
  'Nothing has been proved here yet. Every legal move of both sides will be tried, quiet ones too.';

export const needsPossiblePosition =
  'A proof needs a possible position. Below the board you see what is missing.';

export const sideToMoveStays = 'The side to move stays as set';

export const twinHeading = 'A twin of this position';

export const leftRight = 'Left and right';

export const swapColours = 'Swap colours';

export const quarterTurn = 'Quarter-turn';

export const pawnsWouldWalkSideways = (terms: Terms) => `${capital(terms.many('pawn'))} would walk sideways.`;

export const writtenSolution = 'Written solution';

export const writtenExample = '1 Qg6 hxg6 (1... fxg6 2 Ne7#) 2 Rh3#';

export const claimedLength = 'Claimed length, may be left empty';

export const mateInDots = 'mate in ...';

export const withoutPointlessBlocks = 'without pointless blocks';

export const check = 'Check it';

export const showBetter = 'Show what is better';

export const toMove = (side: string) => `${side} to move`;

export const handMode = 'Set up or make moves';

export const sideToMove = 'Side to move';

export const moveInstead = (side: string) => `${side} to move instead`;

export const undo = 'Undo';

export const clear = 'Clear';

export const start = 'Start';

export const turnBoard = 'Turn board';

export const boardLabel = 'Board of the Desk' as Spoken;

export const shownLine = (part: string) => `Shown: ${part}. H goes back home.`;

export const proof = 'Proof';

export const everyMove = 'Every move';

export const forcingMoves = 'Forcing moves';

export const keys = 'Keys';

export const keysHelp =
  'On the board: arrow keys move between squares, Enter picks a piece up and puts it down, k q r b n p put a white piece, with Shift a black one, Delete removes it. Everywhere: M changes between setting up and making moves, full stop and comma step through the line, H goes back home, Ctrl+Enter proves, Ctrl+Z undoes.';

export const marksOnBoard = 'Marks on the board';

/** "White short". */
export const castlingRight = (side: string, wing: string) => `${side} ${wing}`;

export const whereItBreaks = 'Where it breaks';

export const whatIsBetter = 'What is better';

export const savedName = (trim: string) => `Saved. Mates like this are called ${trim} from now on.`;

export const noAnswerPositionKept = 'The server did not answer. The position is still here; try again.';

export const alreadyInSet = (setName: string, number: number) =>
  `It is in ${setName} already, as number ${number}.`;

export const addedToSet = (setName: string, number: number) => `Added to ${setName} as number ${number}.`;

export const inABroadSense = ' (in a broad sense)';

export const oneTry = 'One try';

export const tries = (triesCount: number) => `${triesCount} tries`;

export const aTry = 'A try';

export const theKey = 'The key';

export const defenceAndAnswer = 'A defence and its answer';

export const whatItLeadsTo = 'What it leads to';

export const forcingMove = 'A forcing move';

export const beginning = (whose: string) => `${whose}: beginning ...`;

export const seenDeep = (whose: string, seenPlies: number, isDeeper: boolean) =>
  `${whose}, seen ${seenPlies} plies deep${isDeeper ? '; looking deeper' : ''}.`;

export const noSquare = 'no square';

export const mateInAtMost = (moves: number) => `mate in ${moves} at most`;

export const browserStoppedProof = 'The browser stopped the proof. Press Prove to try again.';

export const notPossible = 'This is not a possible position.';

export const pieceGoesBack = (handFault: string) => `${handFault} The piece goes back.`;

export const studyHelp = 'Move any piece of either side, as often as you like.';

export const homeKey = (said: string, part: string) => `${said}${part} H goes back home.`;

export const checking = 'Checking every move and every defence ...';

export const stoppedChecking = 'Stopped before the end, so there is no result.';

export const browserStoppedChecking = 'The browser stopped the calculation. Check it again.';

export const makeMoves = 'Make moves';

export const possible = (boardState: string) => `This position is possible. ${boardState}`;

export const aLine = 'a line';

export const longestLine = 'One longest line';

export const provedMate = 'A proved mate';

export const desk = 'Desk';

export const starting = 'Starting ...';

export const movesByHand = 'Moves made by hand';
