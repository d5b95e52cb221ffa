/**
 * Judges a solution as a coach has written it down. Question: does this line hold, and if not, where does it break and why?
 *
 * A line holds when every attacker move keeps the shortest mate, every written defence is one of the longest, its signs are
 * right and it ends in mate, in the claimed length if one is given. Variations in brackets hold when their attacker moves keep
 * the shortest mate after whatever defence they begin with, signs and end likewise; defences in them need not be the longest,
 * since they are written to show the others. Of several breaks the one at the earliest ply is told; at one ply legality comes
 * before notation and notation before force.
 *
 * A line may begin with the other side's move ("3... Nf6 4. Qxf7#"): whoever gives the mate at its end is the attacker. That first move
 * is given, and the mate is counted from the move after it.
 */
import {
  makeSan,
  makeSanLine,
  parseMovetext,
  parseSan,
  type MovetextFault,
  type WrittenLine,
  type WrittenMove,
} from '../notation';
import { countsAsMate, LONGEST_MATE } from '../proof';
import { findOutcome, isCheck, playMove, type Move, type Position } from '../rules';
import type { AskOptions, MateSearch } from '../search';

export const BREAK_REASONS = {
  'illegal-move': 'legality',
  'ambiguous-move': 'notation',
  'missing-check-sign': 'notation',
  'false-check-sign': 'notation',
  'mate-sign-for-check': 'notation',
  'missing-mate-sign': 'notation',
  'not-best-defence': 'force',
  'not-forced': 'force',
  'too-slow': 'force',
  stalemate: 'force',
  'no-mate-at-end': 'force',
} as const;
export type BreakReason = keyof typeof BREAK_REASONS;
export type Severity = (typeof BREAK_REASONS)[BreakReason];

export interface LineBreak {
  readonly kind: 'breaks';
  /** Ply of the written move at which it breaks, from 1; bracketed moves count from the beginning of the whole line too. */
  readonly ply: number;
  readonly severity: Severity;
  readonly reason: BreakReason;
  /** The position in which the move was written. */
  readonly position: Position;
  /** The move that was written, where it is a legal one. */
  readonly move: Move | undefined;
  /**
   * What stands against it, in SAN. From this ply on: the shorter mate, a longer defence, the moves an unclear text may mean, the
   * move with its right sign. From the next ply on: the escape that was overlooked, the moves still needed to the mate.
   */
  readonly better: readonly string[];
}

export type WrittenVerdict =
  | { readonly kind: 'holds'; readonly mateInMoves: number }
  | LineBreak
  | { readonly kind: 'unreadable'; readonly fault: MovetextFault }
  /** The positions allowed were used up, or Stop came, before the line was decided. */
  | { readonly kind: 'undecided' };

export interface WrittenLimits {
  readonly claimed?: number;
  readonly isBlockless?: boolean;
  readonly budgetNodes?: number;
}

/** Lengths looked at beyond the written one, to tell a slow move from one that lets go. */
const MORE_MOVES = 1;

interface Judge {
  readonly search: MateSearch;
  readonly options: AskOptions;
  readonly breaks: LineBreak[];
}

/** Whose turn it is in the line and how far the mate is: for the attacker its shortest length, for the defender what is left. */
interface LineCursor {
  readonly position: Position;
  readonly isAttack: boolean;
  readonly moves: number;
  /** Plies of the whole line before this one. */
  readonly plies: number;
  /** Inside brackets the defender may do anything. */
  readonly isFree: boolean;
}

export function judgeWritten(
  search: MateSearch,
  position: Position,
  text: string,
  limits: WrittenLimits,
  onNodes: (nodes: number) => 'go' | 'stop' = () => 'go',
): WrittenVerdict {
  const parsed = parseMovetext(text);
  if (!parsed.ok) return { kind: 'unreadable', fault: parsed.error };
  const judge: Judge = { search, options: { isBlockless: limits.isBlockless ?? false }, breaks: [] };
  const verdict = search.within(limits.budgetNodes ?? Infinity, onNodes, () =>
    judgeWhole(judge, position, parsed.value, limits.claimed),
  );
  return verdict ?? { kind: 'undecided' };
}

function judgeWhole(
  judge: Judge,
  position: Position,
  line: WrittenLine,
  claimed: number | undefined,
): WrittenVerdict {
  const { start, own, plies } = findAttack(position, line);
  const written = Math.ceil(own.length / 2);
  const most = Math.min(LONGEST_MATE, Math.max(written, claimed ?? 0) + MORE_MOVES);
  const moves = judge.search.findLength(start, most, judge.options);
  judgeLine(judge, { position: start, isAttack: true, moves, plies, isFree: false }, own);
  const claim = moves > 0 && claimed !== undefined && claimed !== moves;
  const [first] = own;
  const isStarted = !judge.breaks.some(({ ply }) => ply === plies + 1);
  if (claim && first !== undefined && isStarted)
    judge.breaks.push({ ...breakClaim(judge, start, first, moves, claimed), ply: plies + 1 });
  const earliest = judge.breaks.reduce<LineBreak | undefined>(
    (best, other) => (best === undefined || other.ply < best.ply ? other : best),
    undefined,
  );
  return earliest ?? { kind: 'holds', mateInMoves: moves };
}

/** Where the attack begins: at the line's first move, or after it when the other side gives the mate. */
function findAttack(
  position: Position,
  line: WrittenLine,
): { readonly start: Position; readonly own: WrittenLine; readonly plies: number } {
  const whole = { start: position, own: line, plies: 0 };
  const [first] = line;
  if (first === undefined || line.length % 2 === 1) return whole;
  let place = position;
  let second = position;
  for (const [ply, { text }] of line.entries()) {
    const read = parseSan(place, text);
    if (!read.ok) return whole;
    place = playMove(place, read.value);
    if (ply === 0) second = place;
  }
  return findOutcome(place)?.kind === 'mate' ? { start: second, own: line.slice(1), plies: 1 } : whole;
}

/** The line is sound as far as it goes, but not as long as was said. */
function breakClaim(
  judge: Judge,
  position: Position,
  first: WrittenMove,
  moves: number,
  claimed: number,
): LineBreak {
  const read = parseSan(position, first.text);
  const move = read.ok ? read.value : undefined;
  if (moves < claimed || move === undefined) {
    return makeBreak(
      position,
      1,
      'too-slow',
      move,
      makeSanLine(position, shortestLine(judge, position, moves)),
    );
  }
  const after = playMove(position, move);
  return makeBreak(
    position,
    1,
    'not-forced',
    move,
    makeSanLine(after, judge.search.findDefence(after, moves - 1, judge.options)),
  );
}

function judgeLine(judge: Judge, from: LineCursor, line: WrittenLine): void {
  let cursor = from;
  for (const [index, written] of line.entries()) {
    for (const variation of written.variations) judgeLine(judge, { ...cursor, isFree: true }, variation);
    const rest = Math.ceil((line.length - index) / 2);
    const judged = judgeMove(judge, cursor, written, rest);
    if (judged.kind === 'breaks') {
      judge.breaks.push(judged);
      return;
    }
    cursor = judged;
    // By the club's count it is over here; what is written behind is only there to be complete.
    if (cursor.moves === 0 && judge.options.isBlockless === true) return;
  }
  if (isOver(judge, cursor.position)) return;
  const last = line.at(-1);
  if (last === undefined) return;
  const rest = cursor.isAttack
    ? shortestLine(judge, cursor.position, cursor.moves)
    : judge.search.findDefence(cursor.position, cursor.moves, judge.options);
  judge.breaks.push(
    makeBreak(cursor.position, cursor.plies, 'no-mate-at-end', undefined, makeSanLine(cursor.position, rest)),
  );
}

function judgeMove(
  judge: Judge,
  cursor: LineCursor,
  written: WrittenMove,
  rest: number,
): (LineCursor & { kind: 'stands' }) | LineBreak {
  const { position } = cursor;
  const ply = cursor.plies + 1;
  const read = parseSan(position, written.text);
  if (!read.ok) {
    if (read.error.code !== 'san/ambiguous') return makeBreak(position, ply, 'illegal-move', undefined, []);
    const meant = read.error.moves.map((move) => makeSan(position, move));
    return makeBreak(position, ply, 'ambiguous-move', undefined, meant);
  }
  const move = read.value;
  const after = playMove(position, move);
  const sign = findSignFault(judge, written.text, after);
  if (sign !== undefined) return makeBreak(position, ply, sign, move, [makeSan(position, move)]);
  const next = cursor.isAttack
    ? judgeAttack(judge, cursor, move, after, rest)
    : judgeDefence(judge, cursor, move, after);
  return typeof next === 'number'
    ? {
        kind: 'stands',
        position: after,
        isAttack: !cursor.isAttack,
        moves: next,
        plies: ply,
        isFree: cursor.isFree,
      }
    : next;
}

/** The moves left for the defender to live, or the break. */
function judgeAttack(
  judge: Judge,
  cursor: LineCursor,
  move: Move,
  after: Position,
  rest: number,
): number | LineBreak {
  const { search, options } = judge;
  const { position, moves } = cursor;
  const ply = cursor.plies + 1;
  if (moves > 0 && search.isLost(after, moves - 1, options)) return moves - 1;
  const shorter = moves === 0 ? [] : makeSanLine(position, shortestLine(judge, position, moves));
  if (findOutcome(after)?.kind === 'stalemate') return makeBreak(position, ply, 'stalemate', move, shorter);
  const slow = Math.min(LONGEST_MATE, Math.max(moves, rest - 1));
  if (moves > 0 && search.isLost(after, slow, options))
    return makeBreak(position, ply, 'too-slow', move, shorter);
  const escape = search.findEscape(after, slow, undefined, options);
  return makeBreak(position, ply, 'not-forced', move, escape === undefined ? [] : [makeSan(after, escape)]);
}

function judgeDefence(judge: Judge, cursor: LineCursor, move: Move, after: Position): number | LineBreak {
  const { search, options } = judge;
  const { position, moves } = cursor;
  if (cursor.isFree) return search.findLength(after, moves, options);
  if (moves > 1 && search.canMate(after, moves - 1, options)) {
    const longer = makeSanLine(position, search.findDefence(position, moves, options));
    return makeBreak(position, cursor.plies + 1, 'not-best-defence', move, longer);
  }
  return moves;
}

/** A doubled plus is written for double check in some books and for mate in others; both are let pass. */
function findSignFault(judge: Judge, text: string, after: Position): BreakReason | undefined {
  const sign = /[+#]*$/.exec(text)?.[0] ?? '';
  const isChecked = isCheck(after);
  if (isOver(judge, after)) {
    if (sign.includes('#') || sign === '++') return undefined;
    // Counted as mate only without pointless blocks, a plain check sign is right as well.
    if (findOutcome(after)?.kind !== 'mate') return sign === '+' ? undefined : 'missing-check-sign';
    return 'missing-mate-sign';
  }
  if (!isChecked) return sign === '' ? undefined : 'false-check-sign';
  if (sign === '') return 'missing-check-sign';
  return sign.includes('#') ? 'mate-sign-for-check' : undefined;
}

function isOver({ options }: Judge, position: Position): boolean {
  return options.isBlockless === true ? countsAsMate(position) : findOutcome(position)?.kind === 'mate';
}

/** One shortest mate from an attacker's turn. */
function shortestLine({ search, options }: Judge, position: Position, moves: number): Move[] {
  if (moves === 0) return [];
  const [key] = search.listMatingMoves(position, moves, options);
  if (key === undefined) return [];
  const after = playMove(position, key);
  return [key, ...search.findDefence(after, moves - 1, options)];
}

function makeBreak(
  position: Position,
  ply: number,
  reason: BreakReason,
  move: Move | undefined,
  better: readonly string[],
): LineBreak {
  return { kind: 'breaks', ply, severity: BREAK_REASONS[reason], reason, position, move, better };
}
