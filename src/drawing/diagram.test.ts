import { getMan, ROLES, SIDES } from '@/core/board';
import { EMPTY_DRAFT, INITIAL_POSITION } from '@/core/rules';
import { DIAGRAM_UNITS, drawDiagram, PRINT_PAINT, SCREEN_PAINT, SQUARE_MARKS, type Diagram } from './diagram';
import { drawManPicture } from './men';

const START: Diagram = { board: INITIAL_POSITION.board, turn: 'white', bottom: 'white' };
const EMPTY: Diagram = { board: EMPTY_DRAFT.board, turn: undefined, bottom: 'white' };

test('the same position is the same text', () => {
  expect(drawDiagram(START, PRINT_PAINT)).toBe(drawDiagram({ ...START }, PRINT_PAINT));
});

test('every square with a man has one group, and the coordinates are all there', () => {
  const svg = drawDiagram(START, PRINT_PAINT);
  expect(svg.match(/<g transform="translate/g)).toHaveLength(32);
  for (const text of Array.from('abcdefgh12345678')) expect(svg).toContain(`>${text}</text>`);
});

test('seen from the other side the letters run the other way', () => {
  const lettersOf = (bottom: 'white' | 'black') =>
    [...drawDiagram({ ...EMPTY, bottom }, PRINT_PAINT).matchAll(/>([a-h])<\/text>/g)]
      .map((match) => match[1])
      .join('');
  expect(lettersOf('white')).toBe('abcdefgh');
  expect(lettersOf('black')).toBe('hgfedcba');
});

test("the mover's edge carries the bar: below for White, above for Black, turned with the board", () => {
  const barTop = (turn: 'white' | 'black', bottom: 'white' | 'black') =>
    Number(/<path d="M\d+ (\d+)H/.exec(drawDiagram({ ...EMPTY, turn, bottom }, PRINT_PAINT))?.[1]);
  expect(barTop('white', 'white')).toBeGreaterThan(DIAGRAM_UNITS / 2);
  expect(barTop('black', 'white')).toBeLessThan(DIAGRAM_UNITS / 2);
  expect(barTop('black', 'black')).toBeGreaterThan(DIAGRAM_UNITS / 2);
});

test('in print nothing is told by colour: black and white only, dark squares as hatch', () => {
  const svg = drawDiagram(
    { ...START, marks: SQUARE_MARKS.map((mark, square) => ({ square, mark })) },
    PRINT_PAINT,
  );
  const colours = new Set([...svg.matchAll(/(?:fill|stroke)="(#[0-9a-f]+)"/g)].map((match) => match[1]));
  expect([...colours].sort()).toEqual(['#000000', '#555555', '#ffffff']);
  expect(svg).toContain('url(#hatch-print)');
  expect(drawDiagram(START, SCREEN_PAINT)).not.toMatch(/"#[0-9a-f]{6}"/);
});

test('each mark has a shape of its own', () => {
  const shapes = SQUARE_MARKS.map((mark) =>
    drawDiagram({ ...EMPTY, marks: [{ square: 0, mark }] }, PRINT_PAINT).replace(/#[0-9a-f]+/g, ''),
  );
  expect(new Set(shapes).size).toBe(SQUARE_MARKS.length);
});

test('each man has a silhouette of its own, and White and Black differ without colour', () => {
  const pictures = SIDES.flatMap((side) =>
    ROLES.map((role) => drawManPicture(getMan(side, role), PRINT_PAINT)),
  );
  expect(new Set(pictures).size).toBe(12);
});

test('a title cannot break out of its attribute', () => {
  const svg = drawDiagram(EMPTY, PRINT_PAINT, '"><script>alert(1)</script>');
  expect(svg).not.toContain('<script>');
});

test('arrows: whole for an attack, dashed for an idea, with a tag that is read, turned with the board', () => {
  const draw = (diagram: Partial<Diagram>) => drawDiagram({ ...EMPTY, ...diagram }, PRINT_PAINT);
  const attack = draw({ arrows: [{ from: 0, to: 56, kind: 'attack' }] });
  const idea = draw({ arrows: [{ from: 0, to: 56, kind: 'idea' }] });
  expect(attack).not.toContain('stroke-dasharray="18 12"');
  expect(idea).toContain('stroke-dasharray="18 12"');
  expect(draw({ arrows: [{ from: 0, to: 56, kind: 'idea', label: '1' }] })).toContain('>1</text>');
  expect(draw({ bottom: 'black', arrows: [{ from: 0, to: 56, kind: 'idea' }] })).not.toBe(
    draw({ bottom: 'black', arrows: [{ from: 56, to: 0, kind: 'idea' }] }),
  );
  // From a square to itself there is nothing to draw.
  expect(draw({ arrows: [{ from: 9, to: 9, kind: 'attack' }] })).toBe(draw({}));
});
