/** Paper: a set as sheets with their key, boards to draw on, cards of the named mates. The worker threads lay it out. */
import { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import type { SetId } from '@/contracts/ids';
import type { BlankSheets, CardsRequest, PrintedFile, SetSheets } from '@/contracts/print';
import { getMan } from '@/core/board';
import { openExercise } from '@/core/exercises';
import {
  getDraft,
  getMove,
  getPosition,
  makeFen,
  makeNumberedLine,
  makeSan,
  parseFen,
} from '@/core/notation';
import { BARE_PICTURES, PATTERN_IDS } from '@/core/patterns';
import { listKeys, listMainLine, listSideLines } from '@/core/puzzles';
import { checkPosition, EMPTY_DRAFT, playMove } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import type { PrintedTask, PrintJob } from '@/print';
import {
  answerText,
  choiceText,
  familyWords,
  listWords,
  makeTerms,
  mateLabel,
  menText,
  PATTERN_NAMES,
  PATTERN_WORDS,
  questionText,
  setUpText,
  sideLineText,
  type Terms,
} from '@/text';
import { askPrinter } from '@/workers/node';
import { requireVisibleClass, findOwnSet, type CoachActor } from '../auth/actors';
import { listStudents } from '../data/classes';
import { getLatestVersion } from '../data/sets';
import { listTasksOfVersion, type StoredExercise, type StoredPuzzle, type StoredTask } from '../data/tasks';
import { getDb } from '../db';
import { makeFileName } from './fileName';
import { listSpokenWords } from './houseWords';
import * as paperText from '@/text/screens/paper';

/** Lines beside the main one that a key tells; the Desk shows them all. */
const MOST_SIDE_LINES = 3;
const homeSchema = z.object({ fen: z.string() });
const EMPTY_BOARD = makeFen(EMPTY_DRAFT);

/** The sheets and the key of a set's newest version. */
export async function printSet(
  actor: CoachActor,
  setId: SetId,
  sheets: SetSheets,
): Promise<Result<PrintedFile, ServiceFault>> {
  const db = getDb();
  const found = await findOwnSet(db, actor, setId);
  if (found === undefined) return failure({ code: 'set/not-found' });
  const { classId } = sheets;
  const group = classId === undefined ? undefined : await requireVisibleClass(db, actor, classId);
  if (classId !== undefined && group === undefined) return failure({ code: 'class/not-found' });
  const version = await getLatestVersion(db, setId, 'read');
  const tasks = await listTasksOfVersion(db, version.setVersionId);
  if (tasks.length === 0) return failure({ code: 'set/empty' });
  const terms = makeTerms(await listSpokenWords(db, actor.clubId, classId));
  const students = sheets.names && classId !== undefined ? await listStudents(db, classId) : [];
  const printed = tasks.map((task) => toPrintedTask(task, terms));
  return print({
    kind: 'worksheet',
    title: found.name,
    className: group?.name ?? '',
    date: sheets.date,
    names: students.map(({ name }) => name),
    paper: sheets.paper,
    perSheet: sheets.perSheet,
    hasCoordinates: sheets.coordinates,
    hasLines: sheets.lines && sheets.kind === 'tasks',
    isLarge: sheets.large,
    parts: sheets.parts,
    tasks: sheets.kind === 'tasks' ? printed : printed.flatMap((task) => toSetUp(task, terms)),
  });
}

function toPrintedTask(task: StoredTask, terms: Terms): PrintedTask {
  return task.family === 'mate' ? toPrintedPuzzle(task) : toPrintedExercise(task, terms);
}

function toPrintedPuzzle({ task, solution }: StoredPuzzle): PrintedTask {
  const position = getPosition(task.fen);
  const keys = listKeys(solution).map(getMove);
  const [first] = keys;
  const after = first === undefined ? position : playMove(position, first);
  const sides = listSideLines(solution)
    .slice(0, MOST_SIDE_LINES)
    .map((line) => sideLineText(after, line));
  return {
    heading: mateLabel(position.turn, task.mateInMoves),
    fen: task.fen,
    turn: position.turn,
    bottom: position.turn,
    asked: [],
    text: '',
    key: listWords(keys.map((move) => makeSan(position, move))),
    solution:
      task.mateInMoves === 1
        ? []
        : [makeNumberedLine(position, listMainLine(solution).map(getMove)), ...sides],
  };
}

function toPrintedExercise(exercise: StoredExercise, terms: Terms): PrintedTask {
  const words = familyWords(exercise.family, terms);
  const { question, scene, ask, solution } = openExercise(exercise);
  const { board, turn, bottom, asked, isHidden } = scene;
  const options = ask.kind === 'choose' ? ask.options : ask.kind === 'tap' ? ask.labels : [];
  const fen = isHidden ? undefined : makeFen({ ...EMPTY_DRAFT, board });
  const full = [...board];
  if (solution.kind === 'place')
    for (const { square, side, role } of solution.men) full[square] = getMan(side, role);
  return {
    heading: words.name,
    fen,
    turn,
    bottom,
    asked,
    text: [questionText(words, question), choiceText(words, options)].join(' ').trim(),
    ...(solution.kind === 'place' ? { keyFen: makeFen({ ...EMPTY_DRAFT, board: full }) } : {}),
    key: solution.kind === 'play' ? playText(exercise.task, solution.moves) : answerText(words, solution),
    solution: [],
  };
}

/** Moves as they are written where a whole position stands, else as squares: a man alone on a board has no notation. */
function playText(task: unknown, moves: readonly string[]): string {
  const home = homeSchema.safeParse(task);
  const draft = home.success ? parseFen(home.data.fen) : undefined;
  const position = draft?.ok ? checkPosition(draft.value) : undefined;
  return position?.ok
    ? makeNumberedLine(position.value, moves.map(getMove))
    : moves.map((move) => `${move.slice(0, 2)}-${move.slice(2)}`).join(' ');
}

/** The position told man by man beside an empty board; what has no board cannot be set up. */
function toSetUp({ fen, turn, bottom }: PrintedTask, terms: Terms): PrintedTask[] {
  if (fen === undefined || turn === undefined) return [];
  return [
    {
      heading: setUpText(turn),
      fen: EMPTY_BOARD,
      turn: undefined,
      bottom,
      asked: [],
      text: menText(getDraft(fen).board, terms),
      keyFen: fen,
      key: '',
      solution: [],
    },
  ];
}

/** Numbered boards without men. */
export function printBlank(sheets: BlankSheets): Promise<Result<PrintedFile, ServiceFault>> {
  const blank: PrintedTask = {
    heading: '',
    fen: EMPTY_BOARD,
    turn: undefined,
    bottom: 'white',
    asked: [],
    text: '',
    key: '',
    solution: [],
  };
  return print({
    kind: 'worksheet',
    title: paperText.boards,
    className: '',
    date: '',
    names: [],
    paper: sheets.paper,
    perSheet: sheets.perSheet,
    hasCoordinates: sheets.coordinates,
    hasLines: sheets.lines,
    isLarge: false,
    parts: 'sheets',
    tasks: Array.from({ length: sheets.sheets * sheets.perSheet }, () => blank),
  });
}

/** The named mates of the book, a card each, said in the words of the club. */
export async function printPatternCards(
  actor: CoachActor,
  { paper }: CardsRequest,
): Promise<Result<PrintedFile, ServiceFault>> {
  const terms = makeTerms(await listSpokenWords(getDb(), actor.clubId, undefined));
  return print({
    kind: 'cards',
    title: paperText.namedMates,
    paper,
    cards: PATTERN_IDS.map((id) => {
      const name = PATTERN_NAMES[id];
      const { ingredients } = PATTERN_WORDS[id](terms);
      return { fen: BARE_PICTURES[id], bottom: 'white', title: name, lines: ingredients };
    }),
  });
}

async function print(job: PrintJob): Promise<Result<PrintedFile, ServiceFault>> {
  const answer = await askPrinter(job);
  if (answer.kind === 'busy') return failure({ code: 'workers/busy' });
  return success({ name: makeFileName(job.title, 'pdf'), bytes: answer.bytes });
}
