/** Reads positions and proves each in its turn: what becomes of every one is told. */
import { getPosition, makeSan } from '@/core/notation';
import { makeExactKey } from '@/core/puzzles';
import type { MateSearch } from '@/core/search';
import type { ImportAnswer, ImportedPosition, ImportOutcome, ImportQuestion } from '../protocol';
import { listPositions } from './listPositions';

/** More than this many are not read at once. */
const MOST_POSITIONS = 10_000;
/** Some tenths of a second at most; what is not decided then is said to be undecided. */
const POSITION_NODES = 400_000;
/** So many milliseconds pass between two reports. */
const REPORT_EVERY = 200;

/** `onNews` gets what is new since the last report. */
export function importPositions(
  mate: MateSearch,
  { bytes, maxMoves }: ImportQuestion,
  onNews: (news: readonly ImportedPosition[]) => 'go' | 'stop',
  ms: () => number,
): ImportAnswer {
  const listed = listPositions(bytes);
  if (typeof listed === 'string') return { kind: 'unreadable', why: listed };
  const seen = new Set<string>();
  let news: ImportedPosition[] = [];
  let count = 0;
  let reportedAt = ms();
  for (const one of listed) {
    if (count === MOST_POSITIONS) {
      onNews(news);
      return { kind: 'imported', count, isCut: true };
    }
    count += 1;
    news.push(
      one.kind === 'position'
        ? { place: one.place, fen: one.fen, outcome: decide(mate, one.fen, maxMoves, seen) }
        : {
            place: one.place,
            fen: '',
            outcome: one.kind === 'fault' ? { kind: 'fault', fault: one.fault } : { kind: 'whole-game' },
          },
    );
    if (ms() - reportedAt < REPORT_EVERY) continue;
    reportedAt = ms();
    if (onNews(news) === 'stop') return { kind: 'imported', count, isCut: false };
    news = [];
  }
  if (news.length > 0) onNews(news);
  return { kind: 'imported', count, isCut: false };
}

function decide(mate: MateSearch, fen: string, maxMoves: number, seen: Set<string>): ImportOutcome {
  const position = getPosition(fen);
  const exactKey = makeExactKey(position);
  if (seen.has(exactKey)) return { kind: 'repeated' };
  seen.add(exactKey);
  // As stored: the clock starts at 0.
  const result = mate.prove(
    { ...position, halfmoves: 0, fullmoves: 1 },
    { maxMoves, budgetNodes: POSITION_NODES },
  );
  switch (result.kind) {
    case 'mate':
      return {
        kind: 'mate',
        mateInMoves: result.mateInMoves,
        keys: result.keys.map((move) => makeSan(position, move)),
        exactKey,
      };
    case 'none':
      return { kind: 'none', within: result.within };
    default:
      return { kind: 'undecided' };
  }
}
