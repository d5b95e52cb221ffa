/** The lessons a plan may begin with: every stage has one, and what their labels say is true. */
import { segmentsSchema } from '@/contracts/lessons';
import { composeExercise, createTaskSearches } from '@/core/compose';
import { STAGES } from '@/core/exercises';
import { getDraft, getPosition, parseSan } from '@/core/notation';
import { findOutcome, listAttackers, listLegalMoves, playMove } from '@/core/rules';
import { makeStagePlan } from './planTemplates';
import { PLAIN_TERMS } from './terms';

const itemsOf = (stage: (typeof STAGES)[number]) =>
  makeStagePlan(stage, 7, PLAIN_TERMS).flatMap(({ items }) => items);

test.each(STAGES)(
  '%s: three quarters of an hour at most, all of it valid, its exercises can be composed',
  (stage) => {
    const plan = makeStagePlan(stage, 7, PLAIN_TERMS);
    expect(segmentsSchema.parse(plan)).toEqual(plan);
    expect(makeStagePlan(stage, 7, PLAIN_TERMS)).toEqual(plan);
    expect(plan.reduce((sum, { minutes }) => sum + minutes, 0)).toBeLessThanOrEqual(45);
    expect(new Set(plan.map(({ key }) => key)).size).toBe(plan.length);
    for (const item of itemsOf(stage)) {
      if (item.kind === 'position') expect(getDraft(item.fen).board).toHaveLength(64);
      if (item.kind === 'round') composeExercise(item.family, item.level, item.seed);
    }
  },
);

describe('what is said of a position is so', () => {
  const fenOf = (stage: (typeof STAGES)[number], label: string) => {
    const found = itemsOf(stage).find((item) => item.kind === 'position' && item.label === label);
    if (found?.kind !== 'position') throw new Error(label);
    return found.fen;
  };
  const { mate } = createTaskSearches();

  test('mate, stalemate, and mates in so many', () => {
    expect(findOutcome(getPosition(fenOf('check', 'Mate')))?.kind).toBe('mate');
    expect(findOutcome(getPosition(fenOf('check', 'Stalemate')))?.kind).toBe('stalemate');
    expect(mate.findLength(getPosition(fenOf('named-mates', 'One move')), 1)).toBe(1);
    expect(mate.findLength(getPosition(fenOf('forced-mates', 'Mate in two')), 2)).toBe(2);
  });

  test('a knight that forks, and White who may castle one way only', () => {
    const fork = getPosition(fenOf('motifs', 'Where does the knight fork?'));
    const move = parseSan(fork, 'Ne3');
    if (!move.ok) throw new Error('Ne3 is a move');
    const { board } = playMove(fork, move.value);
    // c4 and g4, each worth more than the knight.
    for (const square of [26, 30]) expect(listAttackers(board, square, 'white')).toEqual([20]);
    const pinned = getPosition(fenOf('motifs', 'Why can’t the knight move?'));
    expect(listLegalMoves(pinned).some(({ from }) => from === 52)).toBe(false);
    const castling = getPosition(fenOf('special-moves', 'Which way can White castle?'));
    expect(parseSan(castling, 'O-O').ok).toBe(false);
    const long = parseSan(castling, 'O-O-O');
    expect(long.ok && playMove(castling, long.value).turn).toBe('black');
  });
});
