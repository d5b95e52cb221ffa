import { failure, success } from '@/core/shared';
import type { SetId } from '@/contracts/ids';
import type { AddedPuzzle } from '@/contracts/sets';
import { storePuzzles, type AddPuzzle } from './storePuzzles';

const added = (number: number): AddedPuzzle => ({
  setId: 7 as SetId,
  setName: 'Stairs',
  number,
  mateInMoves: 1,
  isAlreadyThere: false,
});
const FENS = ['one', 'two', 'three'];

function run(addPuzzle: AddPuzzle, isStopAsked = () => false) {
  const done: number[] = [];
  const stored = storePuzzles(
    addPuzzle,
    { setId: 7, fens: FENS, noun: 'stair' },
    (count) => done.push(count),
    isStopAsked,
  );
  return { stored, done };
}

test('stored in their order, with progress', async () => {
  const asked: string[] = [];
  const { stored, done } = run(({ fen }) => {
    asked.push(fen);
    return Promise.resolve(success(added(asked.length)));
  });
  expect(await stored).toEqual(success(3));
  expect(asked).toEqual(FENS);
  expect(done).toEqual([1, 2, 3]);
});

test('a fault names the one it came at and ends it; Stop ends it between two', async () => {
  const refused = run(({ fen }) =>
    Promise.resolve(fen === 'two' ? failure({ code: 'set/not-found' }) : success(added(1))),
  );
  expect(await refused.stored).toEqual(
    failure('Stair 2: This set is not there. Somebody may have deleted it.'),
  );
  expect(refused.done).toEqual([1]);
  let asked = 0;
  const stopped = run(
    () => Promise.resolve(success(added(++asked))),
    () => asked === 2,
  );
  expect(await stopped.stored).toEqual(
    failure('Stopped after 2 stairs of 3. Do it again, and it goes on from there.'),
  );
});
