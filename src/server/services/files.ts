/** Sets and the library in open formats, for other programs and for keeping. */
import { stringify } from 'csv-stringify/sync';
import type { ServiceFault } from '@/contracts/faults';
import type { FileFormat, TextFile } from '@/contracts/files';
import type { SetId } from '@/contracts/ids';
import type { LibraryFilters } from '@/contracts/library';
import { getMove, getPosition, makeNumberedLine, makePgn, makeSan } from '@/core/notation';
import { listKeys, listMainLine, makePuzzleEpd, makePuzzleGame } from '@/core/puzzles';
import { failure, success, type Result } from '@/core/shared';
import { SIDE_WORDS } from '@/text';
import * as setsText from '@/text/screens/sets';
import { findOwnSet, type CoachActor } from '../auth/actors';
import { listLibrary } from '../data/library';
import { getLatestVersion } from '../data/sets';
import { listStoredPuzzles, listTasksOfVersion, type StoredPuzzle, type StoredTask } from '../data/tasks';
import { getDb } from '../db';
import { makeFileName } from './fileName';

/** Media types: PGN and CSV as registered (IANA), EPD has none of its own. */
const TYPES: Readonly<Record<FileFormat, string>> = {
  pgn: 'application/vnd.chess-pgn',
  epd: 'text/plain',
  csv: 'text/csv',
  json: 'application/json',
};

interface NamedSet {
  readonly name: string;
  readonly tasks: readonly StoredTask[];
}

/** The newest version of a set. PGN, EPD and CSV hold its mates; JSON holds every task. */
export async function exportSet(
  actor: CoachActor,
  setId: SetId,
  format: FileFormat,
): Promise<Result<TextFile, ServiceFault>> {
  const db = getDb();
  const found = await findOwnSet(db, actor, setId);
  if (found === undefined) return failure({ code: 'set/not-found' });
  const { setVersionId } = await getLatestVersion(db, setId, 'read');
  const set = { name: found.name, tasks: await listTasksOfVersion(db, setVersionId) };
  return success({ name: makeFileName(found.name, format), type: TYPES[format], text: WRITERS[format](set) });
}

/** So many puzzles are read from the database at once. */
const BATCH = 200;

/** Every mate the club has stored that fits the filters, the easiest first, a line of EPD each: in parts, so that no library is too large. */
export async function* exportLibrary(actor: CoachActor, filters: LibraryFilters): AsyncGenerator<string> {
  const db = getDb();
  for (let from = 0; ; from += BATCH) {
    const ids = await listLibrary(db, actor.clubId, filters, { from, most: BATCH });
    if (ids.length === 0) return;
    const puzzles = await listStoredPuzzles(db, actor.clubId, ids);
    yield puzzles
      .map((puzzle) => `${makePuzzleEpd(solvedOf(puzzle), `Library, ${puzzle.taskId}`)}\n`)
      .join('');
  }
}

const WRITERS: Readonly<Record<FileFormat, (set: NamedSet) => string>> = {
  pgn: (set) =>
    listNumbered(set)
      .map(({ number, puzzle }) => {
        const tags = new Map([
          ['Event', set.name],
          ['Round', String(number)],
        ]);
        return makePgn(makePuzzleGame(solvedOf(puzzle), tags));
      })
      .join(''),
  epd: (set) =>
    listNumbered(set)
      .map(({ number, puzzle }) => `${makePuzzleEpd(solvedOf(puzzle), `${set.name}, ${number}`)}\n`)
      .join(''),
  csv: (set) =>
    stringify(listNumbered(set).map(toRow), {
      header: true,
      columns: setsText.csvColumns,
      // A cell that a spreadsheet would take for a formula is marked as text.
      escape_formulas: true,
      record_delimiter: 'windows',
    }),
  json: ({ name, tasks }) =>
    `${JSON.stringify({ set: name, tasks: tasks.map((task, index) => ({ number: index + 1, ...toJson(task) })) }, undefined, 2)}\n`,
};

/** The mates with their numbers in the set. */
function listNumbered({ tasks }: NamedSet): { readonly number: number; readonly puzzle: StoredPuzzle }[] {
  return tasks.flatMap((task, index) =>
    task.family === 'mate' ? [{ number: index + 1, puzzle: task }] : [],
  );
}

function solvedOf({ task, solution }: StoredPuzzle) {
  return { fen: task.fen, mateInMoves: task.mateInMoves, proof: solution };
}

function toRow({ number, puzzle }: { readonly number: number; readonly puzzle: StoredPuzzle }) {
  const { fen, side, mateInMoves, keys, solution } = describe(puzzle);
  return [number, fen, SIDE_WORDS[side], mateInMoves, keys.join(' '), solution];
}

function describe({ task, solution }: StoredPuzzle) {
  const position = getPosition(task.fen);
  return {
    fen: task.fen,
    side: position.turn,
    mateInMoves: task.mateInMoves,
    keys: listKeys(solution).map((move) => makeSan(position, getMove(move))),
    solution: makeNumberedLine(position, listMainLine(solution).map(getMove)),
  };
}

function toJson(task: StoredTask): object {
  if (task.family === 'mate') return { family: 'mate', ...describe(task) };
  const { taskId: _, ...exercise } = task;
  return exercise;
}
