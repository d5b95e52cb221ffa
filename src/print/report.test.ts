import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { PAPER_SIZES } from '@/contracts/print';
import { EXERCISE_IDS, findStage } from '@/core/exercises';
import { familyName, PLAIN_TERMS, stageName } from '@/text';
import { readPdf } from '../../tests/support/pdf';
import { printJob, type Fonts, type PrintJob, type ReportSheet } from '.';

const face = (name: string) =>
  readFileSync(createRequire(__filename).resolve(`@expo-google-fonts/andika/Andika_${name}.ttf`));
const FONTS: Fonts = { regular: face('400Regular'), bold: face('700Bold') };
const print = async (job: PrintJob) => readPdf(await printJob(job, FONTS));

const FEN = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
/** The longest that a topic is told by. */
const LONG = EXERCISE_IDS.map(
  (id) => `${familyName(id, PLAIN_TERMS)} (${stageName(findStage(id), PLAIN_TERMS)})`,
).reduce((one, other) => (other.length > one.length ? other : one));

/** As full as a child's report can be. */
const FULL: ReportSheet = {
  title: 'Fern',
  under: 'Lantern class, Homeward term. Quillhaven Chess Club, 26 November 2026',
  picture: { fen: FEN, turn: 'white', text: 'White to move. Mate in 1. Fern found it at the first try.' },
  parts: ['What Fern can', 'On the way', 'Still hard', 'What comes next', 'In the lessons'].map(
    (heading, index) => ({ heading, lines: Array.from({ length: [8, 5, 5, 5, 1][index] ?? 0 }, () => LONG) }),
  ),
  foot: 'Worked out from the answers stored for Fern until 26 November 2026.',
  isOnePage: true,
};

function expectInside({ pages }: Awaited<ReturnType<typeof print>>): void {
  for (const { words, width, height } of pages)
    expect(
      words.filter(
        ({ left, right, top, bottom }) => left < 35 || right > width - 35 || top < 35 || bottom > height - 35,
      ),
    ).toEqual([]);
}

test('the fullest report of a child is one page, inside its margins, on either paper', async () => {
  for (const paper of PAPER_SIZES) {
    const made = await print({ kind: 'report', title: 'Report', paper, sheets: [FULL, FULL] });
    expect(made.pages).toHaveLength(2);
    expect(made.isTagged).toBe(true);
    expectInside(made);
  }
});

test('a long report goes on to the next pages and loses no line', async () => {
  const lines = Array.from({ length: 160 }, (_, index) => `Line number-${index} ${LONG}`);
  const sheet: ReportSheet = {
    ...FULL,
    isOnePage: false,
    picture: undefined,
    parts: [{ heading: 'Answers', lines }],
  };
  const made = await print({ kind: 'report', title: 'Record', paper: 'a4', sheets: [sheet] });
  expect(made.pages.length).toBeGreaterThan(3);
  expectInside(made);
  const text = made.pages.map((page) => page.text).join(' ');
  expect(text.match(/number-\d+/g)).toHaveLength(lines.length);
});

test('certificates are one page each, however many families they are shown by', async () => {
  const certificates = ['Fern', 'A child with forty letters in its name it'].map((name) => ({
    heading: 'Quillhaven Chess Club',
    name,
    text: 'can: Attack and protect',
    lines: ['Shown by answers to', ...Array.from({ length: 6 }, () => 'Ways to answer an attack')],
    under: 'Lantern class\n26 November 2026',
    signature: 'Coach',
  }));
  for (const paper of PAPER_SIZES) {
    const made = await print({ kind: 'certificates', title: 'Certificates', paper, fen: FEN, certificates });
    expect(made.pages).toHaveLength(2);
    expectInside(made);
    expect(made.pages[0]?.text).toMatch(/Fern can: Attack and protect.*Lantern class 26 November 2026/);
  }
});

test('the same report gives the same bytes', async () => {
  const job: PrintJob = { kind: 'report', title: 'Report', paper: 'a4', sheets: [FULL] };
  expect(Buffer.from(await printJob(job, FONTS)).equals(Buffer.from(await printJob(job, FONTS)))).toBe(true);
});
