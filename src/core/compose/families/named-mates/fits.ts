/** What the families of the named mates ask of a board that is brought: most of them of a mate that stands on it. */
import { SIDES, type Man, type Square } from '../../../board';
import { listMatingMoves, without, type ExerciseTaskOf } from '../../../exercises';
import { makeFen } from '../../../notation';
import { namePatterns, PATTERN_IDS, type PatternId } from '../../../patterns';
import { isCheckmate, playMove, type Position } from '../../../rules';
import { fitting, misfit, type BroughtBoard, type Fit, type Fits } from '../../brought';

/** Names to choose from beside the right one. */
const OTHER_NAMES = 3;

/** The men that may be missing. */
const GAP_ROLES = ['queen', 'rook', 'bishop', 'knight', 'pawn'] as const;

/** A mate that stands on the board. */
export const fitsMate: Fits<ExerciseTaskOf<'spare-men'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  return isCheckmate(position) ? fitting({ fen }) : misfit('needs-mate');
};

/** The names after it in the book are the others, so that each mate has its own; they stand in the order of the alphabet. */
export const fitsNameMate: Fits<ExerciseTaskOf<'name-mate'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  if (!isCheckmate(position)) return misfit('needs-mate');
  const names = namePatterns(position).map(({ id }) => id);
  const [right] = names;
  if (right === undefined) return misfit('nothing-here');
  const at = PATTERN_IDS.indexOf(right);
  const others = [...PATTERN_IDS.slice(at + 1), ...PATTERN_IDS.slice(0, at)].filter(
    (id) => !names.includes(id),
  );
  return fitting({ fen, options: [right, ...others.slice(0, OTHER_NAMES)].sort() });
};

/** A mate in one for each name that one of the mating moves has. */
export const fitsMateByName: Fits<ExerciseTaskOf<'mate-by-name'>> = ({ fen, position }) => {
  if (position === undefined) return misfit('needs-game');
  const names = listMatingMoves(position).flatMap((move) => namePatterns(playMove(position, move)));
  return fitting(...[...new Set(names.map(({ id }) => id))].map((id) => ({ fen, id, isNamed: true })));
};

/** The chosen man of the mating side is taken off. */
export const fitsMissingMan: Fits<ExerciseTaskOf<'missing-man'>> = (brought) =>
  fitsGap(
    brought,
    ({ side }, { turn }) => side !== turn,
    (gap, { role }) => ({ ...gap, role, tray: [...GAP_ROLES] }),
  );

/** The chosen man of either side is taken off. */
export const fitsMissingPart: Fits<ExerciseTaskOf<'missing-part'>> = (brought) =>
  fitsGap(
    brought,
    () => true,
    (gap, { side, role }) => ({
      ...gap,
      man: { side, role },
      tray: SIDES.flatMap((of) => GAP_ROLES.map((one) => ({ side: of, role: one }))),
    }),
  );

interface Gap {
  readonly fen: string;
  readonly id: PatternId;
  readonly square: Square;
}

/** For each name of the mate a picture without the chosen man. */
function fitsGap<Task>(
  { position, chosen }: BroughtBoard,
  mayMiss: (man: Man, position: Position) => boolean,
  makeTask: (gap: Gap, man: Man) => Task,
): Fit<Task> {
  if (position === undefined) return misfit('needs-game');
  if (!isCheckmate(position)) return misfit('needs-mate');
  const [square] = chosen;
  const man = square === undefined ? undefined : position.board[square];
  if (square === undefined || man === undefined || man.role === 'king' || !mayMiss(man, position))
    return misfit('needs-square');
  const fen = makeFen(without(position, square));
  return fitting(...namePatterns(position).map(({ id }) => makeTask({ fen, id, square }, man)));
}
