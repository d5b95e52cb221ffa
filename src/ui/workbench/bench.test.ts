import { getMan, parseSquareName } from '@/core/board';
import { getDraft, makeFen, type MoveText } from '@/core/notation';
import { PLAIN_TERMS } from '@/text';
import { reduceBench, startBench, viewBench, type BenchAction, type BenchState } from './bench';
import { playLine, type ShownLine } from './shownLine';
import { startPosition } from './positionState';
import { tryStep } from './study';

const START = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';
const LONE_KINGS = '4k3/8/8/8/8/8/8/4K3 w - - 0 1';
const at = (name: string) => parseSquareName(name) ?? -1;
const lineOf = (moves: readonly MoveText[], fen = START): ShownLine => ({ name: 'A line', fen, moves });
const HOME = getDraft(START);
const RUY = lineOf(['e2e4', 'e7e5', 'g1f3', 'b8c6']);

/** A board whose stop is the first position with a line of four plies. */
const see = (state: BenchState) => viewBench(state, { home: HOME, line: RUY }, playLine(state.chosen ?? RUY));
const shownOf = (state: BenchState) => makeFen(see(state).shown);
const after = (...actions: readonly BenchAction[]) => actions.reduce(reduceBench, startBench());
const ply = (count: number): BenchAction => ({ kind: 'ply', ply: count });

/** A move by hand from what is shown. */
function moveByHand(state: BenchState, from: string, to: string): BenchState {
  const { shown, steps } = see(state);
  const tried = tryStep(shown, { from: at(from), to: at(to), promotion: undefined }, undefined, PLAIN_TERMS);
  if (tried === undefined) throw new Error('the man went home');
  return reduceBench(
    state,
    tried.ok
      ? { kind: 'moved', steps: [...steps.slice(0, state.ply), tried.value] }
      : { kind: 'refused', refusal: tried.error },
  );
}

test('the given line is stepped through, and moves by hand go on from where it stands', () => {
  const stepped = after(ply(2));
  expect(shownOf(stepped)).toContain('4p3/4P3');
  const own = moveByHand(stepped, 'd2', 'd4');
  expect(see(own).steps.map(({ words }) => words)).toHaveLength(3);
  expect(own.ply).toBe(3);
  expect(makeFen(see(own).home)).toBe(START);
});

test('a move that is not allowed is refused where it was tried, and is not said of another board', () => {
  const refused = moveByHand(startBench(), 'e1', 'e3');
  expect(see(refused).refusal?.place).toBe(see(refused).shown);
  expect(see(reduceBench(refused, ply(1))).refusal).toBeUndefined();
  expect(see(moveByHand(refused, 'e2', 'e4')).refusal).toBeUndefined();
});

test('a hand that draws leaves the board as it is; the hand that sets up begins with what is shown', () => {
  const stepped = after(ply(2));
  expect(shownOf(reduceBench(stepped, { kind: 'hand', hand: 'draws' }))).toBe(shownOf(stepped));
  const settingUp = reduceBench(stepped, { kind: 'hand', hand: 'sets-up', from: see(stepped).shown });
  expect(makeFen(see(settingUp).home)).toBe(shownOf(stepped));
  expect(see(settingUp).isHome).toBe(true);
  const kept = reduceBench(settingUp, { kind: 'hand', hand: 'moves' });
  expect(makeFen(see(kept).home)).toBe(shownOf(stepped));
  expect(makeFen(see(reduceBench(kept, { kind: 'open' })).home)).toBe(START);
});

test('an edit forgets every line and move, and can be undone', () => {
  const begun = startBench({ hand: 'sets-up', setUp: startPosition(LONE_KINGS) });
  const edited = [
    { kind: 'show', line: lineOf(['e1e2'], LONE_KINGS) },
    { kind: 'edit', edit: { kind: 'put', square: at('a1'), man: getMan('white', 'rook') } },
  ] satisfies BenchAction[];
  const state = edited.reduce<BenchState>(reduceBench, begun);
  expect(state).toMatchObject({ chosen: undefined, byHand: [], ply: 0, own: undefined, left: undefined });
  expect(shownOf(state)).toBe('4k3/8/8/8/8/8/8/R3K3 w - - 0 1');
  expect(shownOf(reduceBench(state, { kind: 'edit', edit: { kind: 'undo' } }))).toBe(LONE_KINGS);
});

test('a hand that is taken up puts the tool away', () => {
  const tool = { kind: 'empty' } as const;
  const state = after({ kind: 'hand', hand: 'sets-up' }, { kind: 'tool', tool });
  expect(state.tool).toEqual(tool);
  expect(reduceBench(state, { kind: 'hand', hand: 'moves' }).tool).toBeUndefined();
});

test('a line that a child has called is played out from the middle, and Home leads back to where it began', () => {
  const stepped = after(ply(2));
  const called = lineOf(['f2f4'], shownOf(stepped));
  const played = reduceBench(stepped, { kind: 'play-out', line: called, view: see(stepped) });
  expect(played.ply).toBe(3);
  expect(see(played).steps).toHaveLength(3);
  const another = reduceBench(played, {
    kind: 'play-out',
    line: lineOf(['d2d4'], shownOf(stepped)),
    view: see(played),
  });
  expect(see(another).steps).toHaveLength(3);
  const back = reduceBench(another, { kind: 'home' });
  expect(shownOf(back)).toBe(shownOf(stepped));
  expect(shownOf(reduceBench(back, { kind: 'home' }))).toBe(START);
});

test('a line of quite another board brings its own home position', () => {
  const line = lineOf(['e1d2'], LONE_KINGS);
  const played = reduceBench(startBench(), { kind: 'play-out', line, view: see(startBench()) });
  expect(makeFen(see(played).home)).toBe(LONE_KINGS);
  expect(shownOf(played)).toBe('4k3/8/8/8/8/8/3K4/8 b - - 1 1');
  expect(makeFen(see(reduceBench(played, { kind: 'home' })).shown)).toBe(LONE_KINGS);
});

test('what is shown can be kept as the home position', () => {
  const stepped = after(ply(4));
  const kept = reduceBench(stepped, { kind: 'keep', draft: see(stepped).shown });
  expect(makeFen(see(kept).home)).toBe(shownOf(stepped));
  expect(see(kept).isHome).toBe(true);
});
