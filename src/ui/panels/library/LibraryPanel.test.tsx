/** The library's panel: filters go into the address, what is chosen goes into a set in its order, and a server that is away loses nothing. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ClassId, ClubPatternId, SetId, TaskId } from '@/contracts/ids';
import { librarySearchSchema, type LibraryPage } from '@/contracts/library';
import { LibraryPanel, type AddStored } from './LibraryPanel';

const pushed: string[] = [];
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: (address: string) => pushed.push(address) }),
}));
beforeEach(() => pushed.splice(0));

const OURS: readonly ClubPattern[] = [
  {
    clubPatternId: 7 as ClubPatternId,
    name: 'Our lamp',
    fen: 'R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1',
    picture: { checker: { role: 'rook', at: [-6, 0] }, men: [], blocked: [] },
  },
];

const found = (count: number, total = count): LibraryPage => ({
  total,
  pages: Math.max(1, Math.ceil(total / 24)),
  items: Array.from({ length: count }, (_, index) => ({
    taskId: (index + 11) as TaskId,
    fen: '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
    mateInMoves: 1,
    grade: { level: 1, number: 300, reasons: [] },
    rating: undefined,
    patterns: ['back-rank'],
    ours: index === 1 ? ['Our lamp'] : [],
    seen: index === 0 ? { as: 'twin', isByClass: true, names: [] } : undefined,
  })),
});

function openLibrary(
  page: LibraryPage,
  search: object = {},
  addStored: AddStored = () => Promise.resolve({ ok: true, value: { added: 1 } }),
) {
  renderUi(
    <LibraryPanel
      search={librarySearchSchema.parse(search)}
      found={page}
      into="4"
      sets={[{ setId: 4 as SetId, name: 'First mates' }]}
      ours={OURS}
      classes={[{ classId: 3 as ClassId, name: 'Lantern class' }]}
      actions={{ addSet: () => Promise.resolve({ ok: true, value: 9 as SetId }), addStored }}
    />,
  );
}
const press = async (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
    await Promise.resolve();
  });

test('filters stand in the address, and those of the address in the fields', async () => {
  openLibrary(found(2), { moves: '2', classId: '3', patterns: 'boden,nonsense' });
  expect(screen.getByLabelText<HTMLSelectElement>('Length').value).toBe('2');
  expect(screen.getByLabelText<HTMLSelectElement>('New to').value).toBe('3');
  fireEvent.change(screen.getByLabelText('Level'), { target: { value: '3' } });
  await press('Search');
  await press(/Pick some for me/);
  expect(pushed).toEqual([
    '/sets/library?moves=2&patterns=boden&level=3&classId=3&page=1&into=4',
    '/sets/library?moves=2&patterns=boden&level=3&classId=3&surprise=8&seed=2&into=4',
  ]);
});

test('what was found is told with its number, and what the class has had of it', () => {
  openLibrary(found(2, 60), { classId: '3' });
  expect(screen.getByText('60 mates new to Lantern class, the easiest first.')).toBeTruthy();
  expect(screen.getByText(/Level 1 \(300\)\. Lantern class has met a twin of this one\./)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Next page' })).toBeTruthy();
});

test('nothing found says what to do; fewer than asked for says why', () => {
  openLibrary(found(0));
  expect(screen.getByText(/has no mate like this/)).toBeTruthy();
  openLibrary(found(2, 5), { surprise: '8' });
  expect(
    screen.getByText(/^2 of 5 mates, each with an idea of its own: there are no more ideas\./),
  ).toBeTruthy();
});

test('what is chosen goes in as it stands; when the server is away nothing is lost', async () => {
  const calls: (readonly number[])[] = [];
  openLibrary(found(3), {}, ({ taskIds }) => {
    calls.push(taskIds);
    if (calls.length === 1) return Promise.reject(new Error('offline'));
    return Promise.resolve({ ok: true, value: { added: 1 } });
  });
  const boxes = screen.getAllByRole('checkbox');
  expect(boxes).toHaveLength(3);
  for (const box of [boxes[2], boxes[0]]) if (box !== undefined) fireEvent.click(box);
  await press('Add 2 puzzles to the set');
  expect(await screen.findByText(/The server did not answer/)).toBeTruthy();
  await press('Add 2 puzzles to the set');
  expect(await screen.findByText(/1 puzzle added; 1 was in it already\./)).toBeTruthy();
  expect(calls).toEqual([
    [11, 13],
    [11, 13],
  ]);
  expect(screen.getByRole('link', { name: 'Open the set' }).getAttribute('href')).toBe('/sets/4');
});

test('a pick is chosen whole until some are taken out', async () => {
  openLibrary(found(3), { surprise: '3' });
  expect(screen.getByRole('button', { name: 'Add 3 puzzles to the set' })).toBeTruthy();
  const [first] = screen.getAllByRole('checkbox');
  if (first !== undefined) fireEvent.click(first);
  await press('Add 2 puzzles to the set');
  expect(await screen.findByText(/1 puzzle added/)).toBeTruthy();
});

test("a name of the club's own can be searched for like one of the book, and is told of what ends in it", async () => {
  openLibrary(found(2), { patterns: 'boden,ours:7,ours:x' });
  expect(screen.getAllByText('Our lamp (our own)')).not.toHaveLength(0);
  expect(screen.getByText(/Our lamp\./)).not.toBeNull();
  await press('Search');
  expect(pushed).toEqual(['/sets/library?patterns=boden%2Cours%3A7&page=1&into=4']);
});
