import { parseSquareName, type Role } from '../../board';
import { EMPTY_DRAFT } from '../../rules';
import { getDraft } from '../../notation';
import { findPlaceSlip } from './placeSlip';

const at = (name: string) => parseSquareName(name) ?? -1;
const men = (...names: string[]) =>
  names.map((text) => {
    const [role = '', square = ''] = text.split(' ');
    return { square: at(square), side: 'white' as const, role: role as Role };
  });
const WANTED = men('king e1', 'queen d1', 'rook a1');
const EMPTY = EMPTY_DRAFT.board;

test('one man beside its square, all else right: the hand may have slipped', () => {
  expect(findPlaceSlip(WANTED, men('king e1', 'queen d2', 'rook a1'), EMPTY)).toBe(at('d2'));
});

test.each([
  ['everything right', men('king e1', 'queen d1', 'rook a1')],
  ['two squares away', men('king e1', 'queen d3', 'rook a1')],
  ['two men beside their squares', men('king e2', 'queen d2', 'rook a1')],
  ['two men exchanged', men('king d1', 'queen e1', 'rook a1')],
  ['another man', men('king e1', 'knight d2', 'rook a1')],
  ['one man is missing', men('king e1', 'rook a1')],
  ['one man too many', [...WANTED, ...men('queen d2')]],
])('no slip: %s', (_, placed) => {
  expect(findPlaceSlip(WANTED, placed, EMPTY)).toBeUndefined();
});

test('a man that stood beside its square from the beginning is the task, not a slip', () => {
  const start = getDraft('8/8/8/8/8/8/3Q4/R3K3 w - - 0 1').board;
  expect(findPlaceSlip(WANTED, men('king e1', 'queen d2', 'rook a1'), start)).toBeUndefined();
});
