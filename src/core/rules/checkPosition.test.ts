import fc from 'fast-check';
import { getMan, ROLES, SIDES, type Man } from '../board';
import { parseFen } from '../notation';
import { checkPosition, EMPTY_DRAFT, INITIAL_POSITION, listPositionFaults } from '.';

function codesOf(fen: string): string[] {
  const draft = parseFen(fen);
  if (!draft.ok) throw new Error(draft.error.code);
  return listPositionFaults(draft.value).map(({ code }) => code);
}

test('the initial position has no fault', () => expect(listPositionFaults(INITIAL_POSITION)).toEqual([]));

test.each([
  ['8/8/8/8/8/8/8/8 w - - 0 1', ['position/no-king', 'position/no-king']],
  ['4k3/8/8/8/8/8/8/4KK2 w - - 0 1', ['position/many-kings']],
  ['8/8/8/3kK3/8/8/8/8 w - - 0 1', ['position/kings-touch']],
  ['4k3/8/8/8/8/8/8/P3K3 w - - 0 1', ['position/pawn-on-edge']],
  ['4k2p/8/8/8/8/8/8/4K3 w - - 0 1', ['position/pawn-on-edge']],
  ['4k3/8/8/8/8/P7/PPPPPPPP/4K3 w - - 0 1', ['position/too-many-pawns']],
  ['4k3/8/8/8/8/QQ6/PPPPPPPP/4K3 w - - 0 1', ['position/too-many-promoted']],
  ['4k3/8/8/8/8/8/4R3/4K3 w - - 0 1', ['position/waiting-side-in-check']],
  ['4k3/4q3/8/8/1b5n/8/6n1/4K2r w - - 0 1', ['position/too-many-checkers']],
  ['4k3/8/8/8/8/8/8/4K2R w KQ - 0 1', ['position/castling-men-moved']],
  ['4k3/8/8/4P3/8/8/8/4K3 w - d6 0 1', ['position/en-passant-impossible']],
] as const)('%s', (fen, codes) => expect(codesOf(fen)).toEqual(codes));

test('what passes has one king a side, no pawn on the edge, and leaves the waiting king unattacked', () => {
  const men: readonly (Man | undefined)[] = SIDES.flatMap((side) => ROLES.map((role) => getMan(side, role)));
  const boards = fc
    .uniqueArray(fc.record({ square: fc.nat(63), man: fc.constantFrom(...men) }), {
      selector: ({ square }) => square,
      maxLength: 12,
    })
    .map((placed) => {
      const board = EMPTY_DRAFT.board.slice();
      for (const { square, man } of placed) board[square] = man;
      return board;
    });
  fc.assert(
    fc.property(boards, fc.constantFrom(...SIDES), (board, turn) => {
      const checked = checkPosition({ ...EMPTY_DRAFT, board, turn });
      if (!checked.ok) {
        expect(checked.error.length).toBeGreaterThan(0);
        return;
      }
      for (const side of SIDES) expect(board.filter((man) => man === getMan(side, 'king'))).toHaveLength(1);
      const edge = [...board.slice(0, 8), ...board.slice(56)];
      expect(edge.some((man) => man?.role === 'pawn')).toBe(false);
    }),
    { seed: 11, numRuns: 500 },
  );
});
