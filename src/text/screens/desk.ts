export const piecesPlace = 'Pieces to place';

export const hand = 'Hand';

export const takeOff = 'Take off';

export const giveMateNameYour = 'Give this mate your club’s own name';

export const whatBelongsPictureWhat = 'Mark what belongs to the picture. Everything else is ignored.';

export const whatBelongsPicture = 'What belongs to the picture';

export const on = (role: string, makeSquareName: string, does: string) =>
  `${role} on ${makeSquareName} ${does}`;

export const name = 'Its name';

export const keepName = 'Save this name';

export const addSet = 'Add to set';

export const set = 'Set';

export const nameNewSet = 'Name of the new set';

export const proveMateFirst = 'Prove a mate first.';

export const namesNotKnownTree = 'Its names are not known: the tree is too large.';

export const yourClubCalls = 'Your club calls it: ';

export const yourClubCallsSome = 'Your club calls some lines: ';

export const ends = 'Ends in: ';

export const someLines = 'In some lines: ';

export const wholeSolutionAppearsHere = 'The whole solution appears here once a mate is proved.';

export const workingOutEveryDefence = 'Working out every defence ...';

export const stop = 'Stop';

export const stoppedMateProvedTree = 'Stopped. The mate is proved; its tree is not complete.';

export const browserStoppedCalculationTree = 'The browser stopped the calculation of the tree. Prove again.';

export const onlyPartTreeShown = 'Only part of the tree is shown; the longest defences come first.';

export const oneDefenceOnlySaves = (part: string, side: string) => `${part}: one defence only saves ${side}`;

export const but = (sanOf: string, sanOf2: string) => `${sanOf}? but ${sanOf2}!`;

export const dualAlso = (join: string) => ` Dual: also ${join}.`;

export const then = 'and then';

export const readForcingMoves = 'Read the forcing moves';

export const lookingAtEveryMove = 'Looking at every move ...';

export const everyCheckThenCaptures =
  'Every check, then captures, then quiet threats of mate: guess what becomes of each, then see.';

export const showFirst = 'Show the first';

export const showNext = 'Show the next';

export const allShown = 'All shown';

export const tellAll = 'Show all';

export const hideAgain = 'Hide again';

export const none = 'none';

export const lookAtEveryMove = 'Look at every move';

export const ifCouldMove = (side: string) => `If ${side} could move`;

export const eachMoveMateHow =
  'For each move: mate and how soon, what is won or lost, a draw, or that nothing was found. Mates are proved; the rest is seen so many half-moves deep.';

export const checkSoOtherSide = (side: string) =>
  `${side} is in check, so the other side cannot have the move.`;

export const browserStoppedCalculationAsk = 'The browser stopped the calculation. Ask again.';

export const line = 'The line';

export const lineAppearsHereOnce = 'The line appears here once there is one.';

export const backHome = 'Back home';

export const stepBack = 'Step back';

export const step = 'Step on';

export const fenPosition = 'FEN of this position';

export const pasteAnotherOneHere = 'Paste another one here to set it up.';

export const setUp = 'Set up';

export const keepBoard = 'Keep the board';

export const castlingEnPassant = 'Castling and en passant';

export const enPassantSquare = 'En passant square';

export const longestMateLook = 'Longest mate to look for';

export const prove = 'Prove';

export const proveHomePosition = 'Prove the home position';

export const proveBoardAsShown = 'Prove the board as shown';

export const staircase = 'Staircase';

export const nothingHasBeenProved =
  'Nothing has been proved here yet. Every legal move of both sides will be tried, quiet ones too.';

export const proofNeedsPossiblePosition =
  'A proof needs a possible position. Below the board you see what is missing.';

export const starting = 'Starting ...';

export const sideMoveStaysAs = 'The side to move stays as set';

export const twinPosition = 'A twin of this position';

export const leftRight = 'Left and right';

export const swapColours = 'Swap colours';

export const quarterTurn = 'Quarter-turn';

export const pawnsWouldWalkSideways = 'Pawns would walk sideways.';

export const writtenSolution = 'Written solution';

export const n1Qg6Hxg61 = '1 Qg6 hxg6 (1... fxg6 2 Ne7#) 2 Rh3#';

export const claimedLengthMayLeft = 'Claimed length, may be left empty';

export const mate = 'mate in ...';

export const withoutPointlessBlocks = 'without pointless blocks';

export const check = 'Check it';

export const showWhatBetter = 'Show what is better';

export const move = (side: string) => `${side} to move`;

export const whatHandDoes = 'What the hand does';

export const sideMove = 'Side to move';

export const moveInstead = (side: string) => `${side} to move instead`;

export const undo = 'Undo';

export const clear = 'Clear';

export const start = 'Start';

export const turnBoard = 'Turn board';

export const boardDesk = 'Board of the Desk';

export const shownHGoesBack = (part: string) => `Shown: ${part}. H goes back home.`;

export const proof = 'Proof';

export const everyMove = 'Every move';

export const forcingMoves = 'Forcing moves';

export const keys = 'Keys';

export const boardArrowsGoFrom =
  'On the board: arrow keys move between squares, Enter picks a piece up and puts it down, k q r b n p put a white piece, with Shift a black one, Delete removes it. Everywhere: M changes between setting up and making moves, full stop and comma step through the line, H goes back home, Ctrl+Enter proves, Ctrl+Z undoes.';

export const signsBoard = 'Signs on the board';

/** "White short". */
export const castlingRight = (side: string, wing: string) => `${side} ${wing}`;
