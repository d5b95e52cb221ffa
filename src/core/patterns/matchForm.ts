/**
 * The one matcher of all pictures: turns the board into the frame, puts the checker into its place, and looks for men for the other
 * parts by trying. Every condition must hold for the men chosen.
 */
import { fileOf, getMan, kingDistance, opponentOf, rankOf, type Role, type Square } from '../board';
import type { Condition, Form, KingPlace, Part, Place, Spot } from './form';
import type { MateBoard, Neighbour } from './mateBoard';

export type Cast = Readonly<Partial<Record<Part, Square>>>;

/** A turn of the board: how a step in the frame is a step on the board. */
interface Frame {
  readonly file: Spot;
  readonly rank: Spot;
}

/** Left and right keep files files and the king's home rank at the top; the others turn it away or exchange files and ranks. */
const FRAMES: Readonly<Record<Form['turns'], readonly Frame[]>> = (() => {
  const none: readonly Frame[] = [{ file: [1, 0], rank: [0, 1] }];
  const mirror: readonly Frame[] = [...none, { file: [-1, 0], rank: [0, 1] }];
  const files: readonly Frame[] = [...mirror, ...mirror.map(({ file }): Frame => ({ file, rank: [0, -1] }))];
  const all: readonly Frame[] = [
    ...files,
    ...files.map(({ file, rank }): Frame => ({ file: rank, rank: file })),
  ];
  return { none, mirror, files, all };
})();

/** The men that play the parts, if the picture is on this board. */
export function matchForm(mate: MateBoard, form: Form): Cast | undefined {
  const { checkers, board } = mate;
  if (checkers.length > (form.mayDouble === undefined ? 1 : 2)) return undefined;
  for (const checker of checkers) {
    const role = board[checker]?.role;
    if (role === undefined || !form.checker.includes(role)) continue;
    const others = checkers.filter((other) => other !== checker);
    if (others.some((other) => board[other]?.role !== form.mayDouble)) continue;
    for (const frame of FRAMES[form.turns]) {
      const picture = openPicture(mate, frame);
      if (!picture.isKingOn(form.king)) continue;
      if (form.at !== undefined && !picture.isAt(checker, form.at)) continue;
      const cast = picture.fill({ mating: checker }, form.and);
      if (cast !== undefined) return cast;
    }
  }
  return undefined;
}

function openPicture(mate: MateBoard, frame: Frame) {
  const { board, king, mated, neighbours } = mate;
  // A mated white king is turned over, so that its home rank is at the top.
  const up = mated === 'black' ? 1 : -1;
  const stepOf = ([file, rank]: Spot): Spot => [
    file * frame.file[0] + rank * frame.rank[0],
    up * (file * frame.file[1] + rank * frame.rank[1]),
  ];

  function squareOf(spot: Spot): Square | undefined {
    const [file, rank] = stepOf(spot);
    const toFile = fileOf(king) + file;
    const toRank = rankOf(king) + rank;
    return toFile >= 0 && toFile < 8 && toRank >= 0 && toRank < 8 ? toRank * 8 + toFile : undefined;
  }
  /** The square on which the king stands in the frame. */
  function kingSpot(): Spot {
    const middle = ([file, rank]: Spot): Spot => [2 * file - 7, 2 * rank - 7];
    const [file, rank] = middle([fileOf(king), rankOf(king)]);
    const along = ([x, y]: Spot) => (file * x + up * rank * y + 7) / 2;
    return [along(frame.file), along(frame.rank)];
  }
  function isKingOn(place: KingPlace): boolean {
    const [file, rank] = kingSpot();
    const isEdgeFile = file === 0 || file === 7;
    const isEdgeRank = rank === 0 || rank === 7;
    if (typeof place === 'object') return place.on === `${'abcdefgh'.charAt(file)}${rank + 1}`;
    switch (place) {
      case 'anywhere':
        return true;
      case 'edge':
        return isEdgeFile || isEdgeRank;
      case 'top':
        return rank === 7;
      case 'top-inner':
        return rank === 7 && !isEdgeFile;
      case 'second':
        return rank === 6;
      case 'corner':
        return file === 7 && rank === 7;
      case 'side':
        return file === 7 && !isEdgeRank;
      case 'wing':
        return file >= 6;
    }
  }
  function isAt(square: Square, places: readonly Place[]): boolean {
    return places.some((place) => isOn(square, place));
  }
  function isOn(square: Square, place: Place): boolean {
    if (!('step' in place)) return squareOf(place) === square;
    const [fromFile, fromRank] = place.from ?? [0, 0];
    const [stepFile, stepRank] = place.step;
    for (let count = place.least; count < 8; count += 1) {
      if (squareOf([fromFile + count * stepFile, fromRank + count * stepRank]) === square) return true;
    }
    return false;
  }
  const squaresOf = (spots: readonly Spot[]) =>
    spots.flatMap((spot) => {
      const square = squareOf(spot);
      return square === undefined ? [] : [square];
    });
  const isBlocked = (square: Square) => board[square]?.side === mated;

  /** Takes the conditions in their order; a part is tried with every man that fits. */
  function fill(cast: Cast, conditions: readonly Condition[]): Cast | undefined {
    const [condition, ...rest] = conditions;
    if (condition === undefined) return cast;
    if (condition.is !== 'man') return holds(cast, condition) ? fill(cast, rest) : undefined;
    for (const square of mate.listMen(condition.who)) {
      if (Object.values(cast).includes(square) || !doesFit(cast, condition, square)) continue;
      const filled = fill({ ...cast, [condition.as]: square }, rest);
      if (filled !== undefined) return filled;
    }
    return undefined;
  }

  function doesFit(cast: Cast, part: Extract<Condition, { is: 'man' }>, square: Square): boolean {
    const does = (other: Square) => mate.listGuards(other).includes(square);
    const held = part.holds === undefined ? undefined : cast[part.holds];
    const open = neighbours.filter((one) => !one.isBlocked && one.square !== cast.mating);
    return (
      (part.at === undefined || isAt(square, part.at)) &&
      (part.isNextToKing !== true || kingDistance(square, king) === 1) &&
      (held === undefined || does(held)) &&
      (part.guards === undefined || squaresOf(part.guards).every(does)) &&
      (part.guardsSome !== true || open.some((one) => does(one.square))) &&
      (part.guardsRest !== true || (open.length > 0 && open.every((one) => does(one.square)))) &&
      (part.guardsAlone === undefined ||
        open.filter(({ guards }) => guards.length === 1 && guards[0] === square).length >=
          part.guardsAlone) &&
      (part.axis === undefined || axisOf(cast.mating, square, open) === part.axis) &&
      // The dearest question last.
      (part.isEssential !== true || mate.isEssential(square))
    );
  }

  /** On which diagonals a bishop takes squares from the king, seen from the checking one; undefined: none, or on both. */
  function axisOf(checker: Square | undefined, bishop: Square, open: readonly Neighbour[]) {
    const slopeOf = (from: Square, to: Square) =>
      Math.sign(fileOf(to) - fileOf(from)) * Math.sign(rankOf(to) - rankOf(from));
    const slopes = new Set(
      open.filter(({ guards }) => guards.includes(bishop)).map(({ square }) => slopeOf(bishop, square)),
    );
    const [slope] = slopes;
    if (checker === undefined || slope === undefined || slopes.size > 1) return undefined;
    return slope === slopeOf(checker, king) ? ('along' as const) : ('across' as const);
  }

  function holds(cast: Cast, condition: Exclude<Condition, { is: 'man' }>): boolean {
    switch (condition.is) {
      case 'stands': {
        const square = squareOf(condition.at);
        return square !== undefined && board[square] === getMan(opponentOf(mated), condition.who);
      }
      case 'protected': {
        const square = cast[condition.part];
        return square !== undefined && mate.listGuards(square).length > 0;
      }
      case 'blocked': {
        const squares = squaresOf(condition.at);
        if (condition.mustExist === true && squares.length < condition.at.length) return false;
        const blocks = squares.filter(isBlocked);
        const { with: role } = condition;
        if (role !== undefined && !blocks.some((square) => board[square]?.role === role)) return false;
        return isNeed(condition.need, blocks.length, squares.length);
      }
      case 'empty':
        return condition.at.every((spot) => {
          const square = squareOf(spot);
          // In a corner fewer squares exist.
          return square === undefined || board[square] === undefined;
        });
      case 'exists':
        return squareOf(condition.at) !== undefined;
      case 'shut': {
        const square = squareOf(condition.at);
        return square === undefined || isBlocked(square);
      }
      case 'not-theirs': {
        const square = squareOf(condition.at);
        return square === undefined || board[square]?.side !== opponentOf(mated);
      }
      case 'count': {
        const blocked = neighbours.filter((one) => one.isBlocked).length;
        return (
          isWithin(blocked, condition.blocked) && isWithin(neighbours.length - blocked, condition.unblocked)
        );
      }
      case 'guarded-along': {
        const squares = squaresOf(condition.at).filter((square) => !isBlocked(square));
        const isFence = (square: Square) => isOfRole(square, condition.by) && isAt(square, condition.from);
        return squares.length > 0 && squares.every((square) => mate.listGuards(square).some(isFence));
      }
      case 'suffice': {
        const parts = condition.parts.flatMap((part) => cast[part] ?? []);
        return mate.doSuffice(condition.withKing === true ? [...parts, ...mate.listMen(['king'])] : parts);
      }
    }
  }
  const isOfRole = (square: Square, roles: readonly Role[]) => {
    const man = board[square];
    return man !== undefined && roles.includes(man.role);
  };

  return { isKingOn, isAt, fill };
}

function isNeed(
  need: Extract<Condition, { is: 'blocked' }>['need'],
  blocks: number,
  squares: number,
): boolean {
  switch (need) {
    case 'all':
      return blocks === squares && squares > 0;
    case 'some':
      return blocks > 0;
    case 'none':
      return blocks === 0;
    case 'not-all':
      return blocks < squares;
  }
}

function isWithin(count: number, range: readonly [number, number] | undefined): boolean {
  return range === undefined || (count >= range[0] && count <= range[1]);
}
