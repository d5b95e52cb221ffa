export const games = 'Games';

export const gamesYourChildrenOthers = 'Games of your children and others, with their key moments.';

export const importGames = 'Import games';

export const thereNoGamesYet =
  'There are no games yet. Import a score sheet or a PGN file: every position is looked at, and the mates and material that could be won are saved.';

export const game = (studentName: string) => `a game of ${studentName}, `;

export const keyMoments = 'Key moments';

export const noMateWasMissed = 'No mate was missed or played, and no material was lost.';

export const game2 = 'The game';

export const positionAfter = (part: string) => `The position after ${part}`;

export const moves = 'The moves';

export const start = 'To the start';

export const stepBack = 'Step back';

export const step = 'Step on';

export const openDesk = 'Open on the Desk';

export const show = 'Show';

export const show2 = (place: string) => `Show ${place}`;

export const turnIntoPuzzle = 'Turn it into a puzzle';

export const turnIntoPuzzleAlready = (list: string) => `Turn it into a puzzle (already in ${list})`;

export const deleteGamePuzzlesMade = 'Delete this game? Puzzles made from it stay.';

export const takeAway = 'Delete';

export const leave = 'Cancel';

export const takeGameAway = 'Delete this game';

export const game3 = (studentName: string) => `A game of ${studentName}. `;

export const allGames = 'All games';

export const game4 = 'Of this game';

export const more = (part: number) => `and ${part} more.`;

export const readUpHere = (fault: string) => `Read up to here: ${fault}`;

export const whoseGame = 'Whose game';

export const whoseGameGame = (number: number) => `Whose game is game ${number}`;

export const played = 'Played';

export const kept = 'Saved. ';

export const openGame = 'Open the game';

export const save = 'Save';

export const saveGame = (number: number) => `Save game ${number}`;

export const scoreSheetsAsText = 'Score sheets as text or PGN; faulty ones are read as far as they go.';
