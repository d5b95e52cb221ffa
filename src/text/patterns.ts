/** Named mates in words: found by what is typed, told on a board, counted over a tree. */
import { makeSquareName, type Square } from '@/core/board';
import { getPosition } from '@/core/notation';
import {
  type PatternMatch,
  BARE_PICTURES,
  namePatterns,
  PATTERN_IDS,
  tellMate,
  type MateTag,
  type PatternId,
  type PatternRoles,
  type Sacrifice,
} from '@/core/patterns';
import { listAttackers, type Position, type PositionDraft } from '@/core/rules';
import { PATTERN_WORDS } from './patternBook';
import { PATTERN_NAMES } from './patternNames';
import { countWords, listWords } from './words';
import { capital, type Terms } from './terms';

/** In the order of their names, as in a register. */
const SORTED_IDS = PATTERN_IDS.toSorted((one, other) =>
  PATTERN_NAMES[one].localeCompare(PATTERN_NAMES[other], 'en'),
);

/** The patterns that fit what is typed: a part of a name, a man of the picture, or the square on which mate is given; all for nothing. */
export function findPatterns(sought: string, terms: Terms): PatternId[] {
  const words = sought
    .toLowerCase()
    .split(/[\s,]+/)
    .filter((word) => word !== '');
  return SORTED_IDS.filter((id) =>
    words.every((word) => listSearchWords(id, terms).includes(word) || nameOf(id, terms).includes(word)),
  );
}

/** Names with plain letters too: nobody types the accents. */
function nameOf(id: PatternId, terms: Terms): string {
  const name = PATTERN_NAMES[id];
  const { also } = PATTERN_WORDS[id](terms);
  const text = [name, ...also].join(' ').toLowerCase();
  return `${text} ${text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/’/g, "'")}`;
}

function listSearchWords(id: PatternId, terms: Terms): string[] {
  const bare = getPosition(BARE_PICTURES[id]);
  const match = namePatterns(bare).find((one) => one.id === id);
  const { mating, supporter, second } = match?.roles ?? {};
  return [mating, supporter, second].flatMap((square, index) => {
    const role = square === undefined ? undefined : bare.board[square]?.role;
    if (square === undefined || role === undefined) return [];
    return index === 0 ? [terms.one(role), makeSquareName(square)] : [terms.one(role)];
  });
}

/** What the book says of a picture, its squares and files told as they are in its twin of the other colour or on the other wing. */
export function twinText(text: string, isSwapped: boolean, isMirrored: boolean): string {
  const file = (letter: string) =>
    isMirrored ? String.fromCharCode('a'.charCodeAt(0) + 'h'.charCodeAt(0) - letter.charCodeAt(0)) : letter;
  const rank = (digit: string) => (isSwapped ? String(9 - Number(digit)) : digit);
  return text
    .replace(/\b([a-h])([1-8])\b/g, (_, letter: string, digit: string) => `${file(letter)}${rank(digit)}`)
    .replace(/\b([a-h])-/g, (_, letter: string) => `${file(letter)}-`);
}

/** "The rook on e8 gives mate. The bishop on g5 protects the rook on d8. ...": who does what, man by man. */
export function matchText(place: PositionDraft, roles: PatternRoles, terms: Terms): string {
  return listRoleSentences(place, roles, terms).join(' ');
}

/** The same, a sentence for each thing that makes it mate. */
export function listRoleSentences({ board }: PositionDraft, roles: PatternRoles, terms: Terms): string[] {
  const man = (square: Square) => {
    const found = board[square];
    return found === undefined
      ? makeSquareName(square)
      : `${terms.one(found.role)} on ${makeSquareName(square)}`;
  };
  const men = (squares: readonly Square[]) => listWords(squares.map((square) => `the ${man(square)}`));
  // Protection matters where somebody could capture; of a piece that nobody attacks it says nothing.
  const mated = board[roles.king]?.side ?? 'black';
  const isAttacked = ({ square }: { readonly square: Square }) =>
    listAttackers(board, square, mated).length > 0;
  const holders = roles.held
    .filter(isAttacked)
    .map(
      ({ square, by }) =>
        `${capital(men(by))} ${by.length === 1 ? 'protects' : 'protect'} the ${man(square)}.`,
    );
  const guards = groupByMen(roles.guards).map(
    ({ squares, by }) =>
      `${capital(men(by))} ${by.length === 1 ? 'guards' : 'guard'} ${listWords(squares.map(makeSquareName))}.`,
  );
  const blocks =
    roles.blockers.length === 0
      ? []
      : [
          `Its own ${roles.blockers.length === 1 ? 'piece blocks' : 'pieces block'} ${listWords(roles.blockers.map(makeSquareName))}.`,
        ];
  return [`The ${man(roles.mating)} gives mate.`, ...holders, ...guards, ...blocks];
}

/** Squares that the same men guard are told in one breath. */
function groupByMen(guards: PatternRoles['guards']) {
  const groups: { readonly squares: Square[]; readonly by: readonly Square[] }[] = [];
  for (const { square, by } of guards) {
    if (by.length === 0) continue;
    const group = groups.find((one) => one.by.join() === by.join());
    if (group === undefined) groups.push({ squares: [square], by });
    else group.squares.push(square);
  }
  return groups;
}

/** "Ends in: Réti’s mate. In some lines: Opera mate."; empty when no name fits. */
export function tagsText(tags: readonly MateTag[], ours: readonly MateTag<string>[] = []): string {
  const sentence = (begin: string, how: MateTag['how']) => {
    const own = ours.filter((tag) => tag.how === how).map(({ id }) => id);
    const named = tags.filter((tag) => tag.how === how).map(({ id }) => PATTERN_NAMES[id]);
    const names = [...own, ...named];
    return names.length === 0 ? [] : [`${begin}: ${listWords(names)}.`];
  };
  return [...sentence('Ends in', 'the'), ...sentence('In some lines', 'seen')].join(' ');
}

/** "It is mate: Opera mate. The rook on d8 gives mate. ..."; without a name only who does what. */
export function mateNamedText(
  mated: Position,
  areLooseShown: boolean,
  clubNames: readonly string[] = [],
  terms: Terms,
): string {
  const named = namePatterns(mated).filter(({ reading }) => areLooseShown || reading === 'strict');
  const roles = named[0]?.roles ?? tellMate(mated);
  const names = [...clubNames, ...named.map(({ id }) => PATTERN_NAMES[id])];
  const head =
    names.length === 0
      ? 'It is mate, but not one with a name in the book.'
      : `It is mate: ${listWords(names)}.`;
  return roles === undefined ? head : `${head} ${matchText(mated, roles, terms)}`;
}

/** What a stair is and what its first move is: "The main line. The key is Bg5+." */
export function stairText(
  stair: {
    readonly kind: 'line' | 'thin' | 'side' | 'full';
    readonly men: number;
    readonly isOnlyKey: boolean | undefined;
  },
  key: string,
): string {
  const what = {
    line: 'A position from the main line.',
    thin: `The same idea without ${countWords(stair.men, 'piece')} that ${stair.men === 1 ? 'plays' : 'play'} no part.`,
    side: 'Behind another defence that lasts as long.',
    full: `The whole mate with ${countWords(stair.men, 'extra piece')}.`,
  }[stair.kind];
  if (stair.isOnlyKey === undefined)
    return `${what} One key is ${key}; whether there are others is not known.`;
  return `${what} ${stair.isOnlyKey ? `The only key is ${key}.` : `One key is ${key}; there are others.`}`;
}

/** "The queen is sacrificed on g8: the rook captures, and on g8 it blocks its own king." */
export function sacrificeText({ role, square, takenBy, aim }: Sacrifice, terms: Terms): string {
  const given = `The ${terms.one(role)} is sacrificed on ${makeSquareName(square)}`;
  switch (aim.kind) {
    case 'lures-king':
      return `${given}: the ${terms.one('king')} has to come to ${makeSquareName(aim.to)}.`;
    case 'blocks':
      return `${given}: the ${terms.one(aim.role)} ${terms.many('capture')}, and on ${makeSquareName(aim.square)} it blocks its own ${terms.one('king')}.`;
    case 'opens-line':
      return `${given}: the ${terms.one(takenBy)} ${terms.many('capture')}, and the line to the ${terms.one('king')} is open.`;
    case 'removes-guard':
      return `${given}: the ${terms.one(takenBy)} ${terms.many('capture')} and no longer guards ${makeSquareName(aim.square)}.`;
    case 'other':
      return `${given}: the ${terms.one(takenBy)} ${terms.many('capture')}.`;
  }
}

/** "It is called: Smothered mate. We call it: The lighthouse."; a broad reading is no name for a child. */
export function mateCalledText(names: readonly PatternMatch[], ours: readonly string[]): string {
  const name = names.find(({ reading }) => reading === 'strict');
  const called = name === undefined ? '' : `It is called: ${PATTERN_NAMES[name.id]}.`;
  const calledHere = ours.length === 0 ? '' : `We call it: ${listWords(ours)}.`;
  return `${called} ${calledHere}`.trim();
}
