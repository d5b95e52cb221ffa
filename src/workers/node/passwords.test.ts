import { isWeakPassword } from './passwords';

const ABOUT = ['Quillhaven Chess Club', 'Wenna Brook', 'wenna'];

test.each([
  'aaaaaaaaaaaa',
  'qwertyuiop',
  'password12',
  'chess12345',
  'quillhaven1',
  'wennabrook',
  'ab'.repeat(100),
])('"%s" is too easy to guess', (password) => expect(isWeakPassword(password, ABOUT)).toBe(true));

test.each(['evening-ferry-7', 'kettle harbour moss', 'x7#Kd9!pQ2'])('"%s" will do', (password) =>
  expect(isWeakPassword(password, ABOUT)).toBe(false),
);
