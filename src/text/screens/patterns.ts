export const namesYourClub = 'Names of your club';

export const noneYetSetUp = 'None yet. Set up a mate on the Desk and give it a name there.';

export const deskUsesTheseNames = 'The Desk uses these names for mates like these.';

export const deleteIt = 'Delete';

export const deleteName = (name: string) => `Delete the name ${name}`;

export const barePicture = (pattern_names: string) => `${pattern_names}: the bare picture`;

export const hideWhoDoesWhat = 'Hide who does what';

export const showWhoDoesWhat = 'Show who does what';

export const otherColour = 'Other colour';

export const otherWing = 'Other wing';

export const wingHasNameAt =
  'On this wing it has this name in a broad sense at most: king and queen start on different squares.';

export const alsoCalled = (join: string) => `Also called: ${join}.`;

export const whatMade = 'What it is made of';

export const whatGoesWrong = 'What goes wrong';

export const threeStepsUp = 'Three steps up';

export const puzzlesYourClub = 'Puzzles of your club';

export const noneYourStoredPuzzles = 'None of your stored puzzles ends in it yet.';

export const openDesk = ' Open on the Desk';

export const lookNamePieceSquare = 'Look for a name, a piece or a square';

export const smotheredKnightH7 = 'smothered, knight, h7 ...';

export const allNamedMates = (part: number) => `All ${part} named mates.`;

export const nothingFoundTryPiece =
  'Nothing found. Try a piece (“bishop”) or the square where mate is given (“h7”).';

export const barePicture2 = (name: string) => `${name}: the bare picture`;

export const namedMates = 'Named mates';

export const eachBarePictureWho =
  'Each with its bare picture, who does what in it, and three proved steps up to it.';

export const allNamedMates2 = 'All named mates';

/** "Smothered mate, mate in 2". */
export const stepOf = (name: string, label: string) => `${name}, ${label}`;
