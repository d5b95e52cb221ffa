import type { Terms } from '../terms';

export const levelOption = (level: number) => `level ${level}`;

export const length = 'Length';

export const anyLength = 'any length';

export const mateIn = (moves: number) => `mate in ${moves}`;

export const beginsWith = 'Begins with';

export const anyMove = 'any move';

export const toMove = 'To move';

export const eitherSide = 'either side';

export const matedKingOn = (terms: Terms) => `Mated ${terms.one('king')} on`;

export const eitherWing = 'either wing';

export const level = 'Level';

export const anyLevel = 'any level';

export const piecesAtMost = 'Pieces at most';

export const anyNumber = 'any number';

export const pieces = (men: number) => `${men} pieces`;

export const newTo = 'New to';

export const anyClass = 'any class';
