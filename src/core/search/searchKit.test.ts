import { getPosition } from '../notation';
import { createFateSearch, createMateExplainer, createMateSearch } from '.';

const LADDER = getPosition('7k/8/8/8/8/8/R7/1R2K3 w - - 0 1');
const OTHER = getPosition('6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1');
const mate = createMateSearch();
const BOTH = 'two questions at once on one search board';

/** Begun out of what another question calls. */
const SECOND = {
  prove: () => mate.prove(OTHER, { maxMoves: 1 }),
  canMate: () => mate.canMate(OTHER, 1),
  fates: () => createFateSearch().listFates(OTHER, { plies: 2 }),
  explain: () =>
    createMateExplainer().explain(OTHER, 1, { mostNodes: 10, duals: 'none', areTriesWanted: false }),
};

test.each(Object.entries(SECOND))('%s out of the progress of a proof is refused', (_, second) => {
  const begin = () => mate.prove(LADDER, { maxMoves: 3 }, () => (second(), 'go'));
  expect(begin).toThrow(BOTH);
});

test.each(Object.entries(SECOND))('%s out of a table of fates is refused', (_, second) => {
  const begin = () => createFateSearch().listFates(LADDER, { plies: 3 }, () => void second());
  expect(begin).toThrow(BOTH);
});

test('after a refusal, and after one another, questions are answered', () => {
  expect(() => mate.prove(LADDER, { maxMoves: 3 }, () => (SECOND.canMate(), 'go'))).toThrow(BOTH);
  expect(mate.prove(LADDER, { maxMoves: 3 })).toMatchObject({ kind: 'mate', mateInMoves: 2 });
  expect(SECOND.prove()).toMatchObject({ kind: 'mate', mateInMoves: 1 });
});

test('several questions with one budget are parts of one', () => {
  const answers = mate.within(
    10_000,
    () => 'go',
    () => [mate.canMate(OTHER, 1), mate.findLength(LADDER, 3)],
  );
  expect(answers).toEqual([true, 2]);
});
