/** A proved puzzle in the open formats: an EPD line, or a game of the PGN standard whose moves are its solution. */
import type { Side } from '../board';
import {
  getMove,
  getPosition,
  makeEpd,
  makeSan,
  makeSanLine,
  type GameResult,
  type MoveText,
  type PgnGame,
  type PgnLine,
} from '../notation';
import type { Proof } from '../proof';
import { playMove, type Position } from '../rules';
import { listKeys, listMainLine, listSideLines } from './solutionGraph';

export interface SolvedPuzzle {
  readonly fen: string;
  readonly mateInMoves: number;
  readonly proof: Pick<Proof, 'nodes'>;
}

/**
 * One line, operations in the order of their opcodes (PGN standard, section 16.2.5): `bm` every key, `c0` the comment, `dm` the length,
 * `id` the name, `pv` the main line.
 */
export function makePuzzleEpd(
  { fen, mateInMoves, proof }: SolvedPuzzle,
  id: string,
  comment?: string,
): string {
  const position = getPosition(fen);
  const keys = listKeys(proof).map((move) => makeSan(position, getMove(move)));
  return makeEpd({
    draft: position,
    operations: [
      { opcode: 'bm', operands: keys.join(' ') },
      ...(comment === undefined ? [] : [{ opcode: 'c0', operands: quote(comment) }]),
      { opcode: 'dm', operands: String(mateInMoves) },
      { opcode: 'id', operands: quote(id) },
      { opcode: 'pv', operands: makeSanLine(position, listMainLine(proof).map(getMove)).join(' ') },
    ],
  });
}

/** A string of the standard holds neither its own quote nor the end of its line. */
function quote(text: string): string {
  return `"${text.replace(/[\u0000-\u001f\u007f]+/g, ' ').replaceAll('"', "'")}"`;
}

/** Lines of a solution beside the main one that go into a file. */
const MOST_SIDE_LINES = 8;

/**
 * The main line as the game; other keys and the other defences to the first as variations. Keys carry the glyph of a good move (1),
 * the first one says what is asked.
 */
export function makePuzzleGame(
  { fen, mateInMoves, proof }: SolvedPuzzle,
  tags: ReadonlyMap<string, string>,
): PgnGame {
  const start = getPosition(fen);
  const line = toLine(start, listMainLine(proof));
  const [key, reply, ...rest] = line;
  if (key === undefined) throw new Error('a proof has a first move');
  const others = listKeys(proof).slice(1);
  const after = playMove(start, key.move);
  const sides = listSideLines(proof).slice(0, MOST_SIDE_LINES);
  return {
    tags,
    start,
    result: winOf(start.turn),
    line: [
      {
        ...key,
        glyphs: [1],
        before: [`Mate in ${mateInMoves}.`],
        variations: others.map((move) => toLine(start, [move]).map((one) => ({ ...one, glyphs: [1] }))),
      },
      ...(reply === undefined
        ? []
        : [
            {
              ...reply,
              variations: sides.flatMap(({ defences: [first], line: moves }) =>
                first === undefined ? [] : [toLine(after, [first, ...moves])],
              ),
            },
          ]),
      ...rest,
    ],
  };
}

function toLine(from: Position, moves: readonly MoveText[]): PgnLine {
  let at = from;
  return moves.map((text) => {
    const move = getMove(text);
    const san = makeSan(at, move);
    at = playMove(at, move);
    return { move, san, glyphs: [], before: [], after: [], variations: [] };
  });
}

function winOf(side: Side): GameResult {
  return side === 'white' ? '1-0' : '0-1';
}
