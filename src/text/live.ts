/** What is said at the big board and in the coach's window beside it. */
import { findBalance, type Board, type ValueScale } from '@/core/board';
import { openExercise, type Answer, type ExerciseTask, type FamilyId } from '@/core/exercises';
import { getPosition, makeMoveText, makeNumberedLine, makeSan, parseMoveText } from '@/core/notation';
import type { Fate, FateTable, SuggestionGroup } from '@/core/proof';
import { isSameMove, listLegalMoves, playMove, type Move, type Position } from '@/core/rules';
import { answerText } from './exercises';
import { familyWords } from './familyTexts';
import { fateText, seenText, takenWords } from './fates';
import { countWords } from './words';
import type { Terms } from './terms';

/** Headings over the groups of suggested moves. */
export const SUGGESTION_WORDS: Readonly<Record<SuggestionGroup, string>> = {
  mates: 'The fastest mate',
  delays: 'Mates, but later',
  wins: 'Wins something',
  saves: 'Saves a draw',
  even: 'Nothing found',
  draws: 'Draws',
  loses: 'Loses something',
  'gets-mated': 'Gets mated',
  open: 'Not looked at yet',
};

/** "mates in 4, 2 moves later (proved)"; "loses a knight, by Qxd4 (seen 4 plies deep)". */
export function suggestionText(position: Position, fate: Fate, delay: number, terms: Terms): string {
  if (fate.kind === 'mates' && delay > 0)
    return `mates in ${fate.inMoves}, ${countWords(delay, 'move')} later (proved)`;
  if (fate.kind !== 'material' || fate.gain >= 0) return fateText(position.turn, fate, terms);
  const [move, reply] = fate.line;
  const { lost, won } = takenWords(position, fate.line.map(makeMoveText), terms);
  if (move === undefined || reply === undefined || lost === '') return fateText(position.turn, fate, terms);
  const by = makeSan(playMove(position, move), reply);
  const deed = won === '' ? `loses ${lost}` : `loses ${lost} for ${won}`;
  return `${deed}, by ${by} (${seenText(fate.seenPlies)})`;
}

/** The answer to an own position, as far as it was worked out: its best move and what becomes of it. */
export function workedAnswerText(
  position: Position | undefined,
  { table, state }: { readonly table: FateTable | undefined; readonly state: 'working' | 'done' | 'failed' },
  terms: Terms,
): string {
  if (position === undefined)
    return `No answer here: it needs a legal position with both ${terms.many('king')}.`;
  if (state === 'failed') return 'The answer could not be worked out. Press A twice to try again.';
  const best = table?.moves[0];
  if (best === undefined)
    return state === 'done' ? 'There are no legal moves here.' : 'Working out the answer ...';
  const more = state === 'working' ? ' Still working ...' : '';
  const becomes = suggestionText(position, best.fate, 0, terms);
  if (best.fate.kind === 'mates') return `${makeNumberedLine(position, best.fate.line)}: ${becomes}.${more}`;
  return `No mate found. Best move found: ${makeSan(position, best.move)}, ${becomes}.${more}`;
}

/** "White is 3 ahead": the men on a board, counted by the club's points. */
export function ledgerText(board: Board, values: ValueScale): string {
  const balance = findBalance(board, 'white', values);
  if (balance === 0) return 'Even';
  const points = Number(Math.abs(balance).toFixed(2));
  return `${balance > 0 ? 'White' : 'Black'} is ${points} ahead`;
}

/** "Thinking: 1 min 20 s", in steps of five seconds: it tells, it does not push. */
export function thoughtText(ms: number): string {
  const seconds = Math.floor(ms / 5000) * 5;
  const minutes = Math.floor(seconds / 60);
  return minutes === 0 ? `${seconds} s` : `${minutes} min ${seconds % 60} s`;
}

/** A child's answer to a stored task in one line: moves as they are written, else the answer's words. */
export function answerLineText(
  stored:
    { readonly family: Extract<FamilyId, 'mate'>; readonly task: { readonly fen: string } } | ExerciseTask,
  answer: Answer,
  terms: Terms,
): string {
  if (stored.family === 'mate')
    return answer.kind === 'play' ? lineText(stored.task.fen, answer.moves) : 'nothing';
  const { ask } = openExercise(stored);
  const isGame = ask.kind === 'play' && (ask.rules === 'legal' || ask.rules === 'line');
  return isGame && answer.kind === 'play'
    ? lineText(ask.fen, answer.moves)
    : answerText(familyWords(stored.family, terms), answer);
}

/** As far as the moves are legal. */
function lineText(fen: string, moves: readonly string[]): string {
  const start = getPosition(fen);
  const line: Move[] = [];
  let position = start;
  for (const text of moves) {
    const move = parseMoveText(text);
    const legal = move && listLegalMoves(position).find((one) => isSameMove(one, move));
    if (legal === undefined) break;
    line.push(legal);
    position = playMove(position, legal);
  }
  return line.length === 0 ? 'nothing' : makeNumberedLine(start, line);
}
