/**
 * Keys under which a puzzle is found again: itself, its twins, and what has the same idea.
 *
 * A **twin** is the same puzzle with colours exchanged, left and right exchanged where nobody may castle, or turned on the board
 * where no pawn stands: whoever has solved one knows the other. **Near twins** are won by the same men going the same ways
 * against a king on the same square, whatever else stands on the board.
 */
import { makeSquareName, opponentOf, type Square } from '../board';
import { getMove, makeFen, type MoveText } from '../notation';
import {
  listLegalMoves,
  mirrorFiles,
  playMove,
  swapColours,
  turnQuarter,
  type Position,
  type PositionDraft,
} from '../rules';

/**
 * Equal exactly when the same men stand with the same rights and turn. Counters are left out, and the passed square
 * unless a pawn can really capture there.
 */
export function makeExactKey(position: Position): string {
  return keyText(withUsablePass(position));
}

function withUsablePass(position: Position): Position {
  const { enPassant } = position;
  if (enPassant === undefined) return position;
  const canPass = listLegalMoves(position).some(
    ({ from, to }) => to === enPassant && position.board[from]?.role === 'pawn',
  );
  return canPass ? position : { ...position, enPassant: undefined };
}

/** Equal for a puzzle and all its twins, and for nothing else: the first of their exact keys with White to move. */
export function makeTwinKey(position: Position): string {
  const usable = withUsablePass(position);
  return firstOf(listTwins(usable.turn === 'white' ? usable : swapColours(usable)).map(keyText));
}

/** The position as it stands, mirrored unless somebody may castle, and turned without pawns: one, two or eight. */
function listTwins(draft: PositionDraft): PositionDraft[] {
  const { white, black } = draft.castling;
  if (white.short || white.long || black.short || black.long) return [draft];
  const turned = [draft];
  for (let quarter = 1; quarter < 4; quarter += 1) {
    const next = turnQuarter(turned.at(-1) ?? draft);
    if (next === undefined) break;
    turned.push(next);
  }
  return turned.flatMap((one) => [one, mirrorFiles(one)]);
}

/**
 * Equal for near twins: the mated king's square and, move by move of the main line, which man of the winner goes from where to
 * where; under colour swap and mirror, and turned where no pawn stands.
 * `line` begins with the key and ends with the mate.
 */
export function makeIdeaKey(position: Position, line: readonly MoveText[]): string {
  let at = position;
  const steps: { readonly letter: string; readonly from: Square; readonly to: Square }[] = [];
  for (const text of line) {
    const move = getMove(text);
    if (at.turn === position.turn) {
      const role = at.board[move.from]?.role ?? 'pawn';
      steps.push({ letter: `${LETTERS[role]}${move.promotion ?? ''}`, from: move.from, to: move.to });
    }
    at = playMove(at, move);
  }
  const king = at.board.findIndex((man) => man?.role === 'king' && man.side === opponentOf(position.turn));
  const hasPawns = position.board.some((man) => man?.role === 'pawn');
  const flip = position.turn === 'white' ? 0 : 56;
  const views = VIEWS.slice(0, hasPawns ? 2 : 8);
  return firstOf(
    views.map((see) => {
      const square = (one: Square) => makeSquareName(see(one ^ flip));
      const told = steps.map(({ letter, from, to }) => `${letter}${square(from)}${square(to)}`);
      return [`k${square(king)}`, ...told].join(' ');
    }),
  );
}

const LETTERS = { pawn: 'P', knight: 'N', bishop: 'B', rook: 'R', queen: 'Q', king: 'K' } as const;

/** Squares seen as they are, mirrored, then the three quarter-turns with and without mirror. */
const VIEWS: readonly ((square: Square) => Square)[] = [0, 1, 2, 3].flatMap((quarters) => [
  (square: Square) => turned(square, quarters),
  (square: Square) => turned(square, quarters) ^ 7,
]);

/** Clockwise by so many quarters: file f, rank r goes to file r, rank 7 - f. */
function turned(square: Square, quarters: number): Square {
  let at = square;
  for (let quarter = 0; quarter < quarters; quarter += 1) at = (7 - (at & 7)) * 8 + (at >> 3);
  return at;
}

function firstOf(texts: readonly string[]): string {
  return texts.reduce((first, text) => (text < first ? text : first));
}

function keyText(draft: PositionDraft): string {
  return makeFen(draft).split(' ').slice(0, 4).join(' ');
}
