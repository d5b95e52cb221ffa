/** Answers about named mates, by the names told in plain code; what fits a name in its loose reading only is left to the matcher. */
import { PATTERN_IDS, type PatternId } from '@/core/patterns';
import { options, type Accepts } from './accepts';
import { findByText, isInCheck, isMate, turned } from './chessBoard';
import { lookAt, TOLD } from './namedMates';
import type { TaskFields } from './notes';
import { kindOf, nameOf, readBoard } from './plainBoard';

/** Is the board this mate, strictly? */
export function isStrictly(fen: string, id: string): boolean {
  const known = PATTERN_IDS.find((one): one is PatternId => one === id);
  return known !== undefined && isMate(fen) && TOLD[known](lookAt(fen));
}

/** A choice that fits strictly is the only right one; without one the oracle has no opinion. */
export function acceptName({ fen, options: choices }: TaskFields): Accepts {
  const fitting = choices.filter((id) => isStrictly(fen, id));
  return fitting.length === 0 ? () => undefined : options(fitting);
}

/** A mate of this name is right and what is no mate is wrong; where no name is told every mate is right. */
export function acceptNamedMate({ fen, id, isNamed }: TaskFields): Accepts {
  return (answer) => {
    if (answer.kind !== 'play') return false;
    const move = findByText(fen, answer.moves[0] ?? '');
    if (move === undefined || !isMate(move.after)) return false;
    return !isNamed || isStrictly(move.after, id) || undefined;
  };
}

/** One piece more that makes the mate of this name. */
export function acceptAdded(
  kind: 'missing-man' | 'missing-part',
  { fen, id }: Pick<TaskFields, 'fen' | 'id'>,
): Accepts {
  const { cells, isWhiteToMove } = readBoard(fen);
  return (answer) => {
    if (answer.kind !== 'place') return false;
    const stays = cells.every(
      (piece, square) =>
        piece === undefined ||
        answer.men.some(
          (man) =>
            man.square === square &&
            kindOf(man.role) === piece.kind &&
            (man.side === 'white') === piece.isWhite,
        ),
    );
    const [added, ...more] = answer.men.filter(({ square }) => cells[square] === undefined);
    if (!stays || added === undefined || more.length > 0) return false;
    if (kind === 'missing-man' && (added.side === 'white') === isWhiteToMove) return false;
    const isOnEndRank = /[18]/.test(nameOf(added.square).charAt(1));
    if (added.role === 'pawn' && isOnEndRank) return false;
    // Two kings of a side are no game.
    if (added.role === 'king') return undefined;
    const filled = writeBoard(
      cells.with(added.square, { isWhite: added.side === 'white', kind: kindOf(added.role) }),
      fen,
    );
    // Whoever is in check does not mate.
    if (!isMate(filled) || isInCheck(turned(filled))) return false;
    return isStrictly(filled, id) || undefined;
  };
}

/** The board as FEN, turn and rights as they were. */
function writeBoard(cells: ReturnType<typeof readBoard>['cells'], fen: string): string {
  const rows = [7, 6, 5, 4, 3, 2, 1, 0].map((rank) =>
    cells
      .slice(8 * rank, 8 * rank + 8)
      .map((piece) => (piece === undefined ? '1' : piece.isWhite ? piece.kind.toUpperCase() : piece.kind))
      .join('')
      .replaceAll(/1+/g, (gap) => String(gap.length)),
  );
  return [rows.join('/'), ...fen.split(' ').slice(1)].join(' ');
}
