import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { BARE_PICTURES, PATTERN_IDS } from '@/core/patterns';
import { DIAGRAMS_PER_SHEET, PAPER_SIZES } from '@/contracts/print';
import { readPdf } from '../../tests/support/pdf';
import { printJob, type Fonts, type PrintedTask, type PrintJob } from '.';

const face = (name: string) =>
  readFileSync(createRequire(__filename).resolve(`@expo-google-fonts/andika/Andika_${name}.ttf`));
const FONTS: Fonts = { regular: face('400Regular'), bold: face('700Bold') };
type Worksheet = Extract<PrintJob, { kind: 'worksheet' }>;

const TASK: PrintedTask = {
  heading: 'White mates in 2',
  fen: '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
  turn: 'white',
  bottom: 'white',
  asked: [0],
  text: '',
  key: 'Key1',
  solution: ['1. Ra8#', '1... h6 2. Ra8#. h5 is met in the same way.'],
};
function worksheet(changes: Partial<Worksheet> = {}): Worksheet {
  return {
    kind: 'worksheet',
    title: 'Back rows',
    className: 'Lantern class',
    date: '26 November',
    names: [],
    paper: 'a4',
    perSheet: 6,
    hasCoordinates: true,
    hasLines: true,
    isLarge: false,
    parts: 'both',
    tasks: Array.from({ length: 12 }, () => TASK),
    ...changes,
  };
}
const print = async (job: PrintJob) => readPdf(await printJob(job, FONTS));

test('twelve tasks make as many sheets as their number a sheet says, then the key apart; large print holds four at most', async () => {
  for (const perSheet of DIAGRAMS_PER_SHEET) {
    for (const isLarge of [false, true]) {
      const { pages } = await print(worksheet({ perSheet, isLarge }));
      const sheets = Math.ceil(12 / (isLarge ? Math.min(4, perSheet) : perSheet));
      const isKey = pages.map(({ text }) => text.includes('Key1'));
      expect(isKey.indexOf(true)).toBe(sheets);
      expect(isKey.slice(sheets)).not.toContain(false);
      expect(isKey.slice(0, sheets)).not.toContain(true);
    }
  }
});

test('nothing is written over the edge, whatever the layout and however long the words, and every number is there once', async () => {
  const text = 'Mark every square from which the rook can give check, and say which of them is safe for it. ';
  const tasks = Array.from({ length: 12 }, (_, index) => ({ ...TASK, text: text.repeat(index % 4) }));
  for (const paper of PAPER_SIZES) {
    for (const perSheet of DIAGRAMS_PER_SHEET) {
      for (const isLarge of [false, true]) {
        const { pages, isTagged } = await print(
          worksheet({ paper, perSheet, isLarge, parts: 'sheets', tasks }),
        );
        expect(isTagged).toBe(true);
        for (const { words, width, height } of pages) {
          const over = words.filter(
            ({ left, right, top, bottom }) =>
              left < 35 || right > width - 35 || top < 35 || bottom > height - 35,
          );
          expect([paper, perSheet, isLarge, over]).toEqual([paper, perSheet, isLarge, []]);
        }
        const words = pages.flatMap((page) => page.words.map(({ text }) => text));
        for (let number = 1; number <= 12; number += 1) {
          expect(words.filter((word) => word === `${number}.`)).toHaveLength(1);
        }
      }
    }
  }
});

test('A4 and Letter are as large as the standards say (ISO 216; ANSI Y14.1)', async () => {
  expect((await print(worksheet())).size).toBe('595.28 x 841.89');
  expect((await print(worksheet({ paper: 'letter' }))).size).toBe('612 x 792');
});

test('title, class and date are on every sheet; the name is a line, or a copy for each child', async () => {
  const plain = await print(worksheet({ parts: 'sheets' }));
  for (const { text } of plain.pages) {
    for (const part of ['Back rows', 'Lantern class, 26 November', 'Name', 'Sheet'])
      expect(text).toContain(part);
  }
  expect(plain.pages.map(({ text }) => text.includes('Name:'))).toEqual([false, false]);
  const named = await print(worksheet({ names: ['Pip', 'Wren'], parts: 'both' }));
  expect(named.pages.map(({ text }) => /Name: (\w+)/.exec(text)?.[1])).toEqual([
    'Pip',
    'Pip',
    'Wren',
    'Wren',
    ...named.pages.slice(4).map(() => undefined),
  ]);
});

test('the key tells answer, main line and side lines; alone it is alone', async () => {
  const { pages } = await print(worksheet({ parts: 'key', tasks: [TASK] }));
  // The board stands beside the words: its letters and numbers are left out.
  const told = pages.map(({ words }) =>
    words.flatMap(({ text }) => (/^[a-h1-8]$/.test(text) ? [] : [text])).join(' '),
  );
  expect(told).toEqual([`Back rows: key 1. White mates in Key1 ${TASK.solution.join(' ')}`]);
});

test('letters and numbers round the board only when they are wanted; without a board there are only lines', async () => {
  const words = async (job: Worksheet) => (await print(job)).pages[0]?.words.map(({ text }) => text) ?? [];
  expect(await words(worksheet({ parts: 'sheets' }))).toContain('h');
  expect(await words(worksheet({ parts: 'sheets', hasCoordinates: false }))).not.toContain('h');
  const unseen = await words(worksheet({ parts: 'sheets', tasks: [{ ...TASK, fen: undefined }] }));
  expect(unseen).toContain('1.');
  expect(unseen).not.toContain('h');
});

test('the same job gives the same bytes', async () => {
  const [one, other] = await Promise.all([printJob(worksheet(), FONTS), printJob(worksheet(), FONTS)]);
  expect(Buffer.from(one).equals(Buffer.from(other))).toBe(true);
});

test('a card’s back lies behind its front when the sheet is turned over its long edge', async () => {
  const cards = PATTERN_IDS.map((id) => ({
    fen: BARE_PICTURES[id],
    bottom: 'white' as const,
    title: `Name-${id}`,
    lines: ['A rook gives check.'],
  }));
  const { pages } = await print({ kind: 'cards', title: 'Mates', paper: 'a4', cards });
  expect(pages).toHaveLength(2 * Math.ceil(PATTERN_IDS.length / 8));
  const [front, back] = pages;
  if (front === undefined || back === undefined) throw new Error('two pages at least');
  // The first card is at the top left in front, at the top right behind.
  const first = back.words.find(({ text }) => text === `Name-${PATTERN_IDS[0]}`);
  expect(first?.left).toBeGreaterThan(back.width / 2);
  expect(first?.top).toBeLessThan(back.height / 4);
  expect(front.text).not.toContain('Name-');
});

test('a plan has all its segments in order, over as many sheets as they need, and nothing over the edge', async () => {
  const picture = { fen: TASK.fen ?? '', turn: 'white' as const };
  const segments = Array.from({ length: 7 }, (_, index) => ({
    heading: `Minute ${index}0: Show`,
    notes: 'What must be open, and who guards the square beside the king. '.repeat(index * 3),
    things: [
      { text: `Thing${index} with a board`, picture },
      { text: 'Exercises only', picture: undefined },
    ],
  }));
  const job: PrintJob = { kind: 'plan', title: 'Last rank', under: 'Lantern class', paper: 'a4', segments };
  const { pages } = await print(job);
  expect(pages.length).toBeGreaterThan(1);
  const text = pages.map((page) => page.text).join(' ');
  const places = segments.map((_, index) => text.indexOf(`Thing${index}`));
  expect(places).not.toContain(-1);
  expect(places).toEqual(places.toSorted((one, other) => one - other));
  for (const { words, width, height } of pages) {
    expect(words.filter(({ right, bottom }) => right > width - 35 || bottom > height - 35)).toEqual([]);
  }
});
