/**
 * What answers say about a puzzle's difficulty and a child's strength. Question: how hard is it really, and how sure are we?
 *
 * Puzzle and child meet like two players (Glicko-2 by its author's paper, computed by the package `glicko2-lite`; one answer is one
 * rating period, which is common practice online). A child's first answer to a puzzle counts and no other: right without help is a
 * win of the child's, right with help a draw, anything else a win of the puzzle's. A puzzle begins at its measured number, of which
 * we are fairly sure; a child begins in the middle, of which we are not. The deviation that remains is kept and told.
 */
import rate from 'glicko2-lite';

export interface Rating {
  /** On the scale of the measured numbers: 400 apart, the stronger one wins ten times of eleven. */
  readonly value: number;
  /** The true value is believed to lie within two deviations. */
  readonly deviation: number;
  /** How much the value is expected to move of itself. */
  readonly volatility: number;
  /** Answers it has seen. */
  readonly answers: number;
}

/** How far a measured number may be off before anybody has answered; ours. */
const MEASURED_DEVIATION = 150;
/** The paper's own start. */
const UNKNOWN_DEVIATION = 350;
const START_VOLATILITY = 0.06;
/** A puzzle does not change, only what we know of it. */
const PUZZLE_VOLATILITY = 0.02;
/** The number between level 2 and level 3. */
const MIDDLE = 620;
/** The paper's constant, in the middle of what it recommends (0.3 to 1.2). */
const OPTIONS = { rating: MIDDLE, tau: 0.5 };

export const startPuzzleRating = (number: number): Rating => ({
  value: number,
  deviation: MEASURED_DEVIATION,
  volatility: PUZZLE_VOLATILITY,
  answers: 0,
});

export const NEW_CHILD_RATING: Rating = {
  value: MIDDLE,
  deviation: UNKNOWN_DEVIATION,
  volatility: START_VOLATILITY,
  answers: 0,
};

/** The child's score, 0 to 1, for its first answer to a puzzle. */
export function scoreFirstAnswer({ isRight, hints }: { isRight: boolean; hints: number }): number {
  if (!isRight) return 0;
  return hints > 0 ? 0.5 : 1;
}

/** Both after one answer; each learns from what the other was before. */
export function rateAnswer(
  puzzle: Rating,
  child: Rating,
  score: number,
): { readonly puzzle: Rating; readonly child: Rating } {
  return { puzzle: meet(puzzle, child, 1 - score), child: meet(child, puzzle, score) };
}

function meet(own: Rating, other: Rating, score: number): Rating {
  const { value, deviation, volatility, answers } = own;
  const after = rate(value, deviation, volatility, [[other.value, other.deviation, score]], OPTIONS);
  return {
    value: settle(after.rating),
    deviation: settle(after.rd),
    volatility: settle(after.vol),
    answers: answers + 1,
  };
}

/**
 * To nine decimals. A database hands figures back as text, in which the last bit of a double may be another one; what has no more decimals
 * than these comes back as it was, so that ratings worked out anew are the same to the bit, on any server.
 */
function settle(figure: number): number {
  return Number(figure.toFixed(9));
}

/** Points of one natural unit of the scale, of the paper. */
const SCALE = 173.7178;

/** The chance, 0 to 1, that the child answers the puzzle right at once; the less we know of the two, the nearer to a half. */
export function expectScore(child: Rating, puzzle: Rating): number {
  const doubt = Math.hypot(child.deviation, puzzle.deviation) / SCALE;
  const damping = 1 / Math.sqrt(1 + (3 * doubt * doubt) / (Math.PI * Math.PI));
  return 1 / (1 + Math.exp((-damping * (child.value - puzzle.value)) / SCALE));
}
