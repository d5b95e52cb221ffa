/**
 * What all questions of a realm share: one board, one table of bounds, one of each search. Made once, for a second instance of
 * these closures would run at half the speed (see searchBoard.ts) and take its memory twice: some 20 MB in all.
 */
import { createBoundedSearch, type BoundedSearch } from './boundedSearch';
import { createCheckingSearch, type CheckingSearch } from './checkingSearch';
import { createMateLines, type MateLines } from './mateLines';
import { createMaterialSearch, type MaterialSearch } from './materialSearch';
import { createMeter, type Meter } from './meter';
import { getSearchBoard, type SearchBoard } from './searchBoard';

export interface SearchKit {
  readonly board: SearchBoard;
  readonly meter: Meter;
  readonly bounded: BoundedSearch;
  readonly checking: CheckingSearch;
  readonly material: MaterialSearch;
  readonly lines: MateLines;
}

let shared: SearchKit | undefined;
let owner: object | undefined;

/** Work is done with it inside `ownKit` only. */
export function getSearchKit(): SearchKit {
  shared ??= makeKit();
  return shared;
}

/**
 * Whoever starts a question owns the kit until it has answered. A second question begun meanwhile, out of what the first one calls
 * (progress, a table), would find the first one's men on the board and leave its own there: both answers would be wrong without a word.
 * That is a mistake of ours and throws; parts of one question name the same `question`.
 */
export function ownKit<T>(question: object, work: () => T): T {
  if (owner !== undefined && owner !== question) throw new Error('two questions at once on one search board');
  const before = owner;
  owner = question;
  try {
    return work();
  } finally {
    owner = before;
  }
}

function makeKit(): SearchKit {
  const board = getSearchBoard();
  const meter = createMeter();
  const bounded = createBoundedSearch(board, meter);
  return {
    board,
    meter,
    bounded,
    checking: createCheckingSearch(board, meter),
    material: createMaterialSearch(board, meter),
    lines: createMateLines(board, bounded),
  };
}
