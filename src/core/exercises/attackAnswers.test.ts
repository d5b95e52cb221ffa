/** The eight answers to an attack, one worked example each (common practice; the positions are our own). */
import { Chess } from 'chess.js';
import { composeExercise } from '../compose';
import { parseSquareName } from '../board';
import { listAttackAnswers } from './attackAnswers';
import { openExercise } from '.';

const VALUES = { pawn: 1, knight: 3, bishop: 3, rook: 5, queen: 9, king: 0 } as const;
const at = (name: string) => parseSquareName(name) ?? -1;
const answersOf = (fen: string, target: string) =>
  listAttackAnswers({ fen, target: at(target), values: VALUES });
const sansOf = (fen: string, target: string, kind: string) =>
  answersOf(fen, target)
    .filter(({ kinds }) => kinds.some((one) => one === kind))
    .map(({ san }) => san)
    .sort();

/** White: king g1, knight d4 attacked by the rook d8; black king h7. */
const KNIGHT = '3r4/7k/8/8/3N4/8/8/6K1 w - - 0 1';

test('take: the attacker is taken when nothing is lost by it', () => {
  expect(sansOf('3r4/7k/8/6B1/3N4/8/8/6K1 w - - 0 1', 'd4', 'take')).toEqual(['Bxd8']);
  // The queen would be taken back by the bishop: that loses more than it wins.
  expect(sansOf('3r4/2b4k/8/6Q1/3N4/8/8/6K1 w - - 0 1', 'd4', 'take')).toEqual([]);
});

test('go away: to every square where it is not lost', () => {
  expect(sansOf(KNIGHT, 'd4', 'go-away')).toEqual(['Nb3', 'Nb5', 'Nc2', 'Nc6', 'Ne2', 'Ne6', 'Nf3', 'Nf5']);
});

test('the attacked man that takes its attacker has answered in both ways', () => {
  const pawn = '7k/8/8/4p3/3P4/8/8/6K1 w - - 0 1';
  expect(sansOf(pawn, 'd4', 'take')).toEqual(['dxe5']);
  expect(sansOf(pawn, 'd4', 'go-away')).toContain('dxe5');
  const task = { fen: pawn, target: at('d4'), values: VALUES, answer: 'go-away' };
  const { judge, solution } = openExercise({ family: 'attack-men', task });
  expect(solution).toEqual({ kind: 'tap', marks: [{ square: at('d5') }, { square: at('e5') }] });
  expect(judge({ kind: 'tap', marks: [{ square: at('e5') }, { square: at('d5') }] }).outcome).toBe('right');
});

test('protect: so that it can be taken back', () => {
  // A knight protected by a pawn is no prize for a rook.
  expect(sansOf('3r4/7k/8/8/3N4/8/2P5/6K1 w - - 0 1', 'd4', 'protect')).toEqual(['c3']);
});

test('put between: the rook does not see it any more', () => {
  expect(sansOf('3r4/7k/8/8/3N4/8/8/2B3K1 w - - 0 1', 'd4', 'put-between')).toEqual([]);
  // On d6 the bishop stands between, and the pawn protects it.
  expect(sansOf('3r4/7k/8/2P5/3N3B/8/7P/6K1 w - - 0 1', 'd4', 'put-between')).toEqual([]);
  expect(sansOf('3r4/7k/8/2P5/3N4/6B1/8/6K1 w - - 0 1', 'd4', 'put-between')).toEqual(['Bd6']);
});

test('open a line: another man protects it then', () => {
  // The bishop on d2 steps aside, and the rook d1 protects the knight.
  const opened = sansOf('3r4/7k/8/8/3N4/8/3B4/3R2K1 w - - 0 1', 'd4', 'open-line');
  expect(opened).toContain('Bf4');
  expect(opened).not.toContain('Bc3');
  expect(sansOf('3r4/7k/8/8/3N4/8/3B4/3R2K1 w - - 0 1', 'd4', 'protect')).toContain('Bc3');
});

test('pin: the attacker may not leave its king', () => {
  // The rook pins the bishop d6 to the king d8: it may not take on e5.
  expect(sansOf('3k4/8/3b4/4N3/8/8/8/R5K1 w - - 0 1', 'e5', 'pin')).toEqual(['Rd1']);
});

test('counter: something as big can be taken in return', () => {
  // The rook comes to a5 and looks at the knight: who takes one gives one.
  expect(sansOf('3r4/7k/8/n7/3N4/8/8/R5K1 w - - 0 1', 'd4', 'counter')).toEqual([]);
  expect(sansOf('3r4/7k/8/n7/3N4/8/8/1R4K1 w - - 0 1', 'd4', 'counter')).toContain('Ra1');
});

test('in between: a check comes first', () => {
  expect(sansOf('3r4/7k/8/8/3N4/8/8/R5K1 w - - 0 1', 'd4', 'in-between')).toContain('Ra7+');
});

test('of composed tasks, taking the attacker agrees with the captures of chess.js', () => {
  for (let seed = 0; seed < 12; seed += 1) {
    const { task } = composeExercise('attack-kinds', 2, seed);
    const { fen, target } = task as { fen: string; target: number };
    const question = openExercise({ family: 'attack-kinds', task }).question;
    if (question.code !== 'attack-kinds') throw new Error(question.code);
    const captures = new Chess(fen).moves({ verbose: true }).filter(({ to }) => at(to) === question.attacker);
    const taking = listAttackAnswers({ fen, target, values: VALUES }).filter(({ kinds }) =>
      kinds.includes('take'),
    );
    const names = captures.map(({ from, to }) => `${from}${to}`);
    for (const { move } of taking) {
      expect(names.map((name) => at(name.slice(0, 2)))).toContain(move.from);
      expect(move.to).toBe(question.attacker);
    }
  }
});
