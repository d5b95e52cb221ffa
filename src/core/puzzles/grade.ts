/**
 * How hard a mate puzzle is, before anybody has answered it: a number from measured features of position and proof, a level 1 to 5
 * from the number, and what made it so.
 *
 * The features are those coaches name when asked what makes a mate hard (common practice): its length, quiet moves, how much there is to
 * look at, checks that lead nowhere, defences, what is given up, far moves, promotion, whether the picture is a familiar one. The points
 * are our own setting, on a scale like that of ratings; answers correct it later.
 */
import { z } from 'zod/mini';
import { kingDistance } from '../board';
import { getMove, makeMoveText } from '../notation';
import { FIRST_MATES, type MateTag } from '../patterns';
import { describeMove, type Proof } from '../proof';
import { isCheck, listLegalMoves, playMove, type Move, type Position } from '../rules';
import { listMainLine } from './solutionGraph';

export interface PuzzleFeatures {
  /** Moves of the mate. */
  readonly length: number;
  /** Own moves of the main line, the mating one left out, that are neither check nor capture; the first counts double. */
  readonly quietMoves: number;
  readonly legalMoves: number;
  /** Checks at the first move that do not keep the shortest mate. */
  readonly failingChecks: number;
  /** Answers to the first move. */
  readonly defences: number;
  readonly men: number;
  /** Points given up by the first move if both go on taking on its square. */
  readonly sacrifice: number;
  /** King's steps the first move is long. */
  readonly distance: number;
  readonly promotion: 'none' | 'queen' | 'other';
  /** Of the picture every longest defence ends in. */
  readonly picture: 'first' | 'named' | 'none';
}

const GRADE_REASONS = [
  'length',
  'quietMoves',
  'legalMoves',
  'failingChecks',
  'defences',
  'men',
  'sacrifice',
  'distance',
  'promotion',
  'picture',
] as const satisfies readonly (keyof PuzzleFeatures)[];
export type GradeReason = (typeof GRADE_REASONS)[number];

/** What each feature adds stands in `reasons`, the weightiest first; those that add nothing are left out. */
export const gradeSchema = z.object({
  level: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]),
  number: z.int(),
  reasons: z.readonly(z.array(z.object({ feature: z.enum(GRADE_REASONS), points: z.number() }))),
});
export type Grade = Readonly<z.infer<typeof gradeSchema>>;

/** Measures a puzzle; `tags` are the names it ends in. Throws when the proof holds no move. */
export function measurePuzzle(
  position: Position,
  proof: Pick<Proof, 'nodes'>,
  tags: readonly MateTag[],
): PuzzleFeatures {
  const line = listMainLine(proof).map(getMove);
  const [key] = line;
  const root = proof.nodes[0];
  if (key === undefined || root === undefined) throw new Error('a proof has a first move');
  const legal = listLegalMoves(position);
  const keeps = root.moves.map(({ move }) => move);
  const after = playMove(position, key);
  const isFailingCheck = (text: string) =>
    isCheck(playMove(position, getMove(text))) && !keeps.includes(text);
  const names = tags.filter(({ how, reading }) => how === 'the' && reading === 'strict').map(({ id }) => id);
  return {
    length: root.mateInMoves,
    quietMoves: countQuiet(position, line),
    legalMoves: legal.length,
    failingChecks: legal.map(makeMoveText).filter(isFailingCheck).length,
    defences: listLegalMoves(after).length,
    men: position.board.filter((man) => man !== undefined).length,
    sacrifice: describeMove(position, key).given,
    distance: kingDistance(key.from, key.to),
    promotion: key.promotion === undefined ? 'none' : key.promotion === 'queen' ? 'queen' : 'other',
    picture: names.some((id) => FIRST_MATES.includes(id)) ? 'first' : names.length > 0 ? 'named' : 'none',
  };
}

function countQuiet(home: Position, line: readonly Move[]): number {
  let position = home;
  let count = 0;
  for (const [ply, move] of line.slice(0, -1).entries()) {
    if (ply % 2 === 0 && describeMove(position, move).isQuiet) count += ply === 0 ? 2 : 1;
    position = playMove(position, move);
  }
  return count;
}

const between = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

/** Points by length: the first moves more make the greatest difference. */
const LENGTH_POINTS: readonly number[] = [0, 300, 500, 700, 900, 1050, 1200];
const MOST_LENGTH_POINTS = 1300;
/** Where the levels 2 to 5 begin. */
const LEVELS_FROM: readonly number[] = [420, 620, 800, 1000];

export function gradePuzzle(features: PuzzleFeatures): Grade {
  const points: Readonly<Record<GradeReason, number>> = {
    length: LENGTH_POINTS[features.length] ?? MOST_LENGTH_POINTS,
    quietMoves: 90 * features.quietMoves,
    legalMoves: between(3 * (features.legalMoves - 25), -60, 90),
    failingChecks: 20 * between(features.failingChecks, 0, 6),
    defences: 10 * between(features.defences - 1, 0, 12),
    men: between(4 * (features.men - 14), -40, 60),
    sacrifice: 25 * between(features.sacrifice, 0, 9),
    distance: 12 * between(features.distance - 2, 0, 5),
    promotion: { none: 0, queen: 40, other: 180 }[features.promotion],
    picture: { first: -50, named: 0, none: 30 }[features.picture],
  };
  const number = Object.values(points).reduce((sum, one) => sum + one, 0);
  const reasons = (Object.keys(points) as GradeReason[])
    .map((feature) => ({ feature, points: points[feature] }))
    .filter((reason) => reason.points !== 0)
    .sort((one, other) => Math.abs(other.points) - Math.abs(one.points));
  return { level: levelOfNumber(number), number, reasons };
}

/** The level a number falls into. */
export function levelOfNumber(number: number): Grade['level'] {
  return (1 + LEVELS_FROM.filter((from) => number >= from).length) as Grade['level'];
}

/** The numbers of a level: from the first one, up to but not including the second; undefined = no bound. */
export function boundsOfLevel(level: Grade['level']): readonly [number | undefined, number | undefined] {
  return [LEVELS_FROM[level - 2], LEVELS_FROM[level - 1]];
}
