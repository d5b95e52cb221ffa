/** The answers to an attack, one worked example each (common practice; the positions are our own), and whole lists computed apart. */
import { parseSquareName } from '../board';
import { getPosition, makeSan } from '../notation';
import { findAttack, listAttackAnswers } from '.';

const VALUES = { pawn: 1, knight: 3, bishop: 3, rook: 5, queen: 9, king: 0 } as const;
const at = (name: string) => parseSquareName(name) ?? -1;
/** Every move that does something, with its move in SAN. */
function listDeeds(fen: string, target: string) {
  const position = getPosition(fen);
  const attack = findAttack(position, at(target), VALUES);
  if (attack === undefined) throw new Error(`nobody attacks ${target}`);
  return listAttackAnswers(position, attack, VALUES)
    .filter(({ kinds }) => kinds.length > 0)
    .map((answer) => ({ ...answer, san: makeSan(position, answer.move) }))
    .sort((a, b) => (a.san < b.san ? -1 : 1));
}
/** Those of a kind that lose nothing. */
const sansOf = (fen: string, target: string, kind: string) =>
  listDeeds(fen, target)
    .filter(({ kinds, isSound }) => isSound && kinds.some((one) => one === kind))
    .map(({ san }) => san);

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
  // On c3 the bishop protects it as well: a move has every kind whose work it does.
  expect(opened).toContain('Bc3');
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

/** Complete answers to four attacks, computed by another program from the same definitions. */
const WHOLE = [
  {
    fen: '3k4/R4p1r/6pB/p6p/P5PP/1b3P2/2P5/4RK2 b - - 0 1',
    square: 'b3',
    answers: [
      ['Ba2', 'go-away', true, true, undefined],
      ['Bc4+', 'go-away in-between', true, true, 'check'],
      ['Bd5', 'go-away', true, true, undefined],
      ['Be6', 'go-away', false, true, undefined],
      ['Bxa4', 'go-away', true, true, undefined],
      ['Bxc2', 'go-away take', true, true, undefined],
      ['f5', 'counter', false, true, undefined],
      ['f6', 'counter', false, true, undefined],
    ],
  },
  {
    fen: 'r1n2r2/p2b1p1k/3p3p/2PKp2P/1pP2P2/q3P2N/4B2P/4Q1R1 b - - 0 1',
    square: 'd6',
    answers: [
      ['Bc6+', 'in-between', false, false, 'check'],
      ['Be6+', 'in-between', true, true, 'check'],
      ['Nb6+', 'in-between', false, false, 'check'],
      ['Ne7+', 'in-between', false, false, 'check'],
      ['Qa4', 'in-between', false, false, 'mate'],
      ['Qa5', 'pin', true, true, undefined],
      ['Qa6', 'in-between protect', false, true, 'mate'],
      ['Qd3+', 'in-between', false, false, 'check'],
      ['Qxe3', 'in-between', false, true, 'mate'],
      ['b3', 'open-line', false, true, undefined],
      ['dxc5', 'go-away take', false, true, undefined],
    ],
  },
  {
    fen: '4r1k1/5ppp/8/8/4N3/8/3P1PPP/2R3K1 w - - 0 1',
    square: 'e4',
    answers: [
      ['Nc3', 'go-away', true, true, undefined],
      ['Nc5', 'go-away', true, true, undefined],
      ['Nd6', 'go-away', true, true, undefined],
      ['Nf6+', 'go-away in-between', false, false, 'check'],
      ['Ng3', 'go-away', true, true, undefined],
      ['Ng5', 'go-away', true, true, undefined],
      ['Rc4', 'protect', false, true, undefined],
      ['Rc8', 'in-between pin', false, false, 'mate'],
      ['Re1', 'protect', false, true, undefined],
      ['d3', 'protect', false, true, undefined],
      ['f3', 'protect', false, true, undefined],
    ],
  },
] as const;

test.each(WHOLE)('all answers to the attack on $square in $fen', ({ fen, square, answers }) => {
  const found = listDeeds(fen, square).map(({ san, kinds, isUntouched, isSound, by }) => [
    san,
    [...kinds].sort().join(' '),
    isUntouched,
    isSound,
    by,
  ]);
  expect(found).toEqual(answers);
});
