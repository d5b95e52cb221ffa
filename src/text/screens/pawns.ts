export const rules = 'The rules';

export const boardPawnsGame = 'Board of the pawns game';

export const newGame = 'New game';

export const takeBack = 'Take back';

export const howPlay = 'How to play';

export const whoPlays = 'Who plays';

export const whoWins = 'Who wins';

export const pawnsEachSide = 'Pawns of each side';

export const kings = 'With kings';

export const turnBoardAfterEach = 'Turn the board after each move';
