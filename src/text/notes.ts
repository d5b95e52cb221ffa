/** Why an answer is not right: always with the square and the man it is about, kind, and short enough for an eight-year-old. */
import { makeSquareName, type Role, type Side, type Square } from '@/core/board';
import type { AnswerForm, ForcingLabel, Note, Reason, Scene, Verdict } from '@/core/exercises';
import type { NotationDiagnosis } from '@/core/notation';
import type { PawnEnd } from '@/core/pawns';
import type { StoredFate } from '@/core/puzzles';
import type { AttackAnswer } from '@/core/tactics';
import { optionText } from './exercises';
import type { FamilyWords } from './family';
import { reasonText as writtenReasonText } from './notation';
import { fateText } from './fates';
import { PATTERN_NAMES } from './patternNames';
import { countWords, listWords, SIDE_WORDS } from './words';
import { capital, type Spoken, type Terms, spoken } from './terms';

/** The head of what is said: right, or what is too much and what is missing. */
export function verdictText(verdict: Verdict, ask: AnswerForm): Spoken {
  const { outcome, right, extra, missed } = verdict;
  const { kind: mode } = ask;
  if (outcome === 'right')
    return spoken(mode === 'tap' && right.length > 1 ? `Yes, all ${right.length}.` : 'Yes, that is right.');
  if (outcome === 'unfinished') return spoken('Go on.');
  // One square is asked for: to count what is wrong and missing says nothing.
  if ((mode !== 'tap' && mode !== 'place') || (ask.kind === 'tap' && ask.isSingle)) return spoken('Not yet.');
  if (extra.length === 0 && missed.length > 0)
    return spoken(`Right so far. ${countWords(missed.length, 'is', 'are')} still missing.`);
  if (mode === 'place') return spoken('Not yet.');
  return spoken(
    `${countWords(extra.length, 'square')} not right${missed.length > 0 ? `, ${missed.length} missing` : ''}.`,
  );
}

const man = (role: Role, square: Square, terms: Terms) => `${terms.one(role)} on ${makeSquareName(square)}`;

/** One note in words; `scene` is the board the answer was given on. */
export function noteText(
  words: FamilyWords,
  note: Note,
  { board, turn = 'white' }: Scene,
  terms: Terms,
): Spoken {
  if ('square' in note) return spoken(squareNoteText(note, terms));
  switch (note.code) {
    case 'board-turned':
      return spoken(`The board is turned sideways. White belongs on ${terms.many('rank')} 1 and 2.`);
    case 'one-man-only':
      return spoken('Put one piece on the board. Leave the others where they are.');
    case 'armies-exchanged':
      return spoken(
        `The armies are on the wrong sides. White belongs on ${terms.many('rank')} 1 and 2, Black on ${terms.many('rank')} 7 and 8.`,
      );
    case 'no-such-square':
      return spoken(`"${note.text}" is not a square. Write a letter from a to h, then a number from 1 to 8.`);
    case 'too-many':
      return spoken('That is too many.');
    case 'too-few':
      return spoken('There are more.');
    case 'wrong-option':
      return spoken(
        `${optionText(words, note.option)}? ${reasonText(words, note.reason, turn, terms)}`.trim(),
      );
    case 'right-because':
    case 'missing-option':
      return spoken(reasonText(words, note.reason, turn, terms));
    case 'goes-round':
      return spoken(`That took ${countWords(note.moves, 'move')}. It can be done in ${note.fewest}.`);
    case 'move-not-meant':
      return spoken(`That was ${note.move}. You were asked to play ${note.meant}.`);
    case 'mate-not-yet':
      return spoken(
        note.reason.code === 'no-check'
          ? `${note.move} does not even give check.`
          : `${note.move} is check, but there is an answer: ${note.reason.code === 'moves-do' ? note.reason.moves.join(', ') : ''}.`,
      );
    case 'stalemates':
      return spoken(
        `After ${note.move} the other side has no move and is not in check: ${terms.one('stalemate')}, a draw.`,
      );
    case 'still-mates':
      return spoken(`Now ${note.move} mates.`);
    case 'game-lost':
      return spoken(pawnEndText(note, terms));
    case 'game-drawn':
      return spoken(pawnEndText({ winner: undefined, why: note.why }, terms));
    case 'sheet-differs':
      return spoken(
        `${note.number} ${note.text === '' ? 'is missing' : `"${note.text}"`}: played was ${note.san}.`,
      );
    case 'line-breaks':
      return spoken(
        note.reply === undefined
          ? `${note.number} ${note.san} breaks the line.`
          : `${note.number} ${note.san} is met by ${note.reply}.`,
      );
    case 'lasts-longer':
      return spoken(`${note.san} is not the best answer: ${note.better} holds out longer.`);
    case 'line-too-short':
      return spoken('The line does not end in mate yet.');
    case 'way-too-short':
      return spoken('The way does not reach its end yet.');
    case 'cannot-yet':
      return spoken(`${note.san} cannot be played then.`);
    case 'not-on-the-sheet':
      return spoken(`${note.san} does not match the sheet.`);
    case 'does-not-go-on':
      return spoken(`${note.san} looks like it, but then ${note.next} could not be played.`);
    case 'not-a-legal-move':
      return spoken('That move is not allowed here.');
    case 'writes-another':
      return spoken(`That would be ${note.san}, another move.`);
    case 'unreadable':
      return spoken(writtenReasonText({ board, turn }, note.reason, terms));
    case 'still-differs':
      return spoken(
        note.remark === undefined
          ? `${note.text} is not it yet.`
          : `${note.text}: ${remarkTexts(terms)[note.remark] ?? 'not written correctly yet.'}`,
      );
    case 'usually-written':
      return spoken(`We write it ${note.san}.`);
  }
}

function squareNoteText(note: Extract<Note, { square: Square }>, terms: Terms): string {
  const square = makeSquareName(note.square);
  switch (note.code) {
    case 'missed':
      return `${square}: the ${man(note.role, note.from, terms)} gets there.`;
    case 'own-man':
      return `${square}: your own ${terms.one(note.role)} is there.`;
    case 'behind':
      return `${square}: the piece on ${makeSquareName(note.by)} is in the ${terms.one(note.role)}'s way.`;
    case 'not-its-way':
      return `${square}: ${terms.a(note.role)} does not go that way.`;
    case 'own-square':
      return `${square}: the ${terms.one(note.role)} is already here.`;
    case 'pawn-takes-diagonally':
      return `${square}: ${terms.a('pawn')} moves straight and ${terms.many('capture')} diagonally, and a piece is there.`;
    case 'pawn-needs-a-man':
      return `${square}: ${terms.a('pawn')} moves diagonally only to ${terms.one('capture')}, and no piece is there.`;
    case 'passing-is-over':
      return `${square}: no capture ${terms.one('in-passing')} here. The ${terms.one('pawn')} beside it did not just move two steps.`;
    case 'not-taken':
      return `${square}: nothing can ${terms.one('capture')} the ${terms.one(note.role)} there.`;
    case 'takes-here':
      return `${square}: a piece is there. Find a way without ${terms.doing('capture')}.`;
    case 'unprotected':
      return `${square}: nobody protects the ${terms.one(note.role)}.`;
    case 'not-asked':
      return `${square}: the question is not about ${terms.a(note.role)}.`;
    case 'has-no-way':
      return `${square}: the ${terms.one(note.role)} has no safe square.`;
    case 'is-needed':
      return `${square}: without the ${terms.one(note.role)} it is not mate.`;
    case 'is-spare':
      return `${square}: without the ${terms.one(note.role)} it is still mate.`;
    case 'not-in-the-way':
      return `${square}: without the ${terms.one(note.role)} it is not mate either.`;
    case 'stands-in-the-way':
      return `${square}: without the ${terms.one(note.role)} it is mate.`;
    case 'pawn-on-last-rank':
      return `${square}: ${terms.a('pawn')} is never on the first or last ${terms.one('rank')}.`;
    case 'not-this-mate':
      return `${square}: with ${terms.a(note.role)} there it is not this: ${PATTERN_NAMES[note.pattern]}.`;
    case 'other-mate':
      return `${square}: the ${terms.one(note.role)} gives mate there, but not this one: ${PATTERN_NAMES[note.pattern]}.`;
    case 'forces-nothing':
      return `${square}: no such move goes there.`;
    case 'forces':
      return `${square}: ${note.move}. ${forcedTexts(terms)[note.label]}`;
    case 'nobody-there':
      return `${square}: no piece is there.`;
    case 'own-side':
      return `${square}: that is your own piece.`;
    case 'is-the-target':
      return `${square}: that is the target. Attack it, do not ${terms.one('capture')} it.`;
    case 'is-free':
      return `${square}: nobody guards it, the ${terms.one('king')} may go there.`;
    case 'is-own-man':
      return `${square}: the ${terms.one('king')}’s own piece is there.`;
    case 'not-beside-king':
      return `${square} is not beside the ${terms.one('king')}.`;
    case 'not-marked':
      return `${square} is not one of the marked squares.`;
    case 'no-mate-there':
      return `${square}: no mate ends there in time.`;
    case 'mates-there':
      return `${square}: the last move ends there.`;
    case 'not-your-man':
      return `${square}: that piece is theirs.`;
    case 'tally':
      return `${square}: ${tallyText(note)}.`;
    case 'king-steps-into-check':
      return `${square}: the ${man(note.byRole, note.by, terms)} attacks it. ${capital(terms.a('king'))} never moves into check.`;
    case 'leaves-king-in-check':
      return `${square}: your ${terms.one('king')} is still in check from the ${man(note.byRole, note.by, terms)}.`;
    case 'is-pinned-there':
      return `${square}: then the ${man(note.byRole, note.by, terms)} attacks the ${terms.one('king')}. The ${terms.one(note.role)} is pinned.`;
    case 'king-is-never-taken':
      return `${square}: ${terms.a('king')} is there. ${capital(terms.a('king'))} is never ${terms.done('capture')}.`;
    case 'not-mate-yet':
      return `${square}: with ${terms.a(note.role)} there it is not mate.`;
    case 'answers-otherwise':
      return `${square}: the ${terms.one(note.role)} can help with ${note.move}, but not in this way.`;
    case 'move-is-lost':
      return `${square}: ${note.move} is answered by ${note.moves.join(', ')}. That loses something.`;
    case 'can-answer':
      return `${square}: ${note.move} does it.`;
    case 'cannot-answer':
      return `${square}: the ${terms.one(note.role)} ${cannotTexts(terms)[note.answer]}.`;
    case 'protected':
      return `${square}: the ${man(note.byRole, note.by, terms)} protects ${note.role === undefined ? 'it' : `the ${terms.one(note.role)}`}.`;
    case 'is-guarded':
      return `${square}: the ${man(note.byRole, note.by, terms)} guards it.`;
    case 'guarded-through-king':
      return `${square}: the ${man(note.byRole, note.by, terms)} guards it, for its line goes on when the ${terms.one('king')} steps back.`;
    case 'can-be-taken':
      return `${square}: the ${man(note.byRole, note.by, terms)} could ${terms.one('capture')} it there.`;
    case 'takes-back':
      return `${square}: the ${man(note.byRole, note.by, terms)} ${terms.many('capture')} back.`;
    case 'attacks-not':
      return `${square}: from there the ${terms.one(note.role)} does not attack ${makeSquareName(note.target)}.`;
    case 'would-attack':
      return `${square}: from there the ${terms.one(note.role)} attacks ${makeSquareName(note.target)}, and nobody can ${terms.one('capture')} it.`;
    case 'has-a-way':
      return `${square}: the ${terms.one(note.role)} can go to ${makeSquareName(note.target)}.`;
    case 'rank-before-file':
      return note.square === note.asked
        ? `You mean ${square}. The letter comes first, then the number.`
        : `This is ${square}. The letter comes first: ${makeSquareName(note.asked)} is on the ${makeSquareName(note.asked).charAt(0)}-${terms.one('file')}.`;
    case 'wrong-file':
      return `This is ${square}: the number is right, the letter is not.`;
    case 'wrong-rank':
      return `This is ${square}: the letter is right, the number is not.`;
    case 'another-square':
      return note.square === note.asked ? `${square} is the one.` : `This is ${square}.`;
    case 'belongs-elsewhere':
      return `${square}: the ${terms.one(note.role)} does not belong there.`;
    case 'is-missing':
      return `${square}: ${terms.a(note.role)} is missing there.`;
    case 'is-extra':
      return `${square}: the ${terms.one(note.role)} there is one too many.`;
    case 'wrong-side':
      return `${square}: the ${terms.one(note.role)} there belongs to the other army.`;
    case 'king-queen-exchanged':
      return `${capital(terms.one('king'))} and ${terms.one('queen')} are swapped: the ${terms.one('queen')} starts on her own colour, on ${square}.`;
    case 'bishop-knight-exchanged':
      return `${capital(terms.one('knight'))} and ${terms.one('bishop')} are swapped: the ${terms.one('knight')} goes beside the ${terms.one('rook')}, on ${square}.`;
    case 'man-not-meant':
      return note.would === undefined
        ? `${square}: ${note.san} does not mean the piece there.`
        : `${square}: that piece's move is written ${note.would}.`;
    case 'man-meant':
      return `${square}: ${note.san} is the move of the piece there.`;
  }
}

/** What a forcing move is, or what comes of it. */
const forcedTexts = (terms: Terms): Readonly<Record<ForcingLabel, string>> => ({
  checks: 'It gives check.',
  captures: `It ${terms.many('capture')}.`,
  threats: 'It threatens to mate.',
  'it-mates': 'It is mate.',
  'wins-men': 'It wins points there.',
  'comes-out-even': 'It comes out even there.',
  'loses-men': 'It loses points there.',
});

const cannotTexts = (terms: Terms): Readonly<Record<AttackAnswer, string>> => ({
  take: `cannot ${terms.one('capture')} the attacker`,
  'go-away': 'is not the piece under attack',
  protect: 'cannot go where it protects',
  'put-between': 'cannot go between them',
  'open-line': 'opens no line for a protector',
  'free-guard': 'frees no pinned protector',
  pin: 'cannot pin the attacker',
  counter: 'cannot attack anything as big',
  'in-between': 'has no check and no threat of mate',
});

const pawnEndTexts = (terms: Terms) => ({
  'far-row': `${terms.a('pawn')} reached the last ${terms.one('rank')}`,
  'no-men-left': `the other side has no ${terms.many('pawn')} left`,
  'no-move': 'the side to move cannot move',
  mate: `it is ${terms.one('checkmate')}`,
  'quiet-moves': `only the ${terms.many('king')} have moved for a long time`,
});

/** "White has won: a pawn reached the last rank." */
export function pawnEndText({ winner, why }: PawnEnd, terms: Terms): Spoken {
  const who = winner === undefined ? 'Nobody has won' : `${SIDE_WORDS[winner]} has won`;
  return `${who}: ${pawnEndTexts(terms)[why]}.` as Spoken;
}

/** "2 middle squares, 1 piece attacked, 1 move: 2 points". */
function tallyText(tally: Extract<Note, { code: 'tally' }>): string {
  const parts = [
    tally.middle > 0 ? countWords(tally.middle, 'middle square') : '',
    tally.attacked > 0 ? `${countWords(tally.attacked, 'piece')} attacked` : '',
    tally.blocked > 0 ? `${countWords(tally.blocked, 'own piece')} in the way` : '',
    countWords(tally.moves, 'move'),
  ].filter((part) => part !== '');
  return `${parts.join(', ')}: ${countWords(tally.points, 'point')}`;
}

/** What to look at, without giving the move away. */
const remarkTexts = (terms: Terms): Readonly<Partial<Record<NotationDiagnosis, string>>> => ({
  'missing-capture': `it ${terms.many('capture')} something.`,
  'missing-check': 'it gives check.',
  'missing-mate': 'it is mate.',
  'reversed-coordinates': 'the letter comes first.',
});

const squares = (list: readonly Square[]) => listWords(list.map(makeSquareName));

/** The evidence for a choice; "" when there is nothing to say. */
function reasonText(words: FamilyWords, reason: Reason | undefined, side: Side, terms: Terms): string {
  const own = reason && words.reasons?.[reason.code];
  if (own !== undefined) return own;
  switch (reason?.code) {
    case undefined:
      return '';
    case 'colours': {
      const told = reason.squares.map(
        ({ square, isDark }) => `${makeSquareName(square)} is ${isDark ? 'dark' : 'light'}`,
      );
      return `${listWords(told)}. The corner a1 is dark. Count the steps from there.`;
    }
    case 'lies-on':
      return `The line goes from ${makeSquareName(reason.squares[0] ?? 0)} to ${makeSquareName(reason.squares.at(-1) ?? 0)}.`;
    case 'worth':
      return `White has ${countWords(reason.white, 'point')}, Black has ${reason.black}.`;
    case 'given-and-taken':
      return `You give ${countWords(reason.given, 'point')} and get ${reason.taken}.`;
    case 'gives-check':
      return `The piece on ${squares(reason.squares)} gives check.`;
    case 'guards':
      return reason.squares.length === 0
        ? `Nobody attacks ${makeSquareName(reason.square)}.`
        : `${makeSquareName(reason.square)} is attacked from ${squares(reason.squares)}.`;
    case 'in-the-way':
      return `${reason.squares.length === 1 ? 'A piece is' : 'Pieces are'} in the way on ${squares(reason.squares)}.`;
    case 'moves-do':
      return `There is ${listWords(reason.moves.slice(0, 4))}${reason.moves.length > 4 ? ' and more' : ''}.`;
    case 'can-move':
      return `There is a move: ${reason.moves.join(', ')}.`;
    case 'mates':
      return `${listWords(reason.moves)} would mate.`;
    case 'attacks':
      return reason.squares.length === 0
        ? 'It attacks nothing bigger.'
        : `It attacks ${squares(reason.squares)}.`;
    case 'is-taken-by':
      return `It can be ${terms.done('capture')}: ${reason.moves.join(', ')}.`;
    case 'but-then':
      return `${reason.moves.join(', ')}: that loses something.`;
    case 'fates':
      return fatesText(reason, side, terms);
    case 'nothing-against':
      return `They have no mate at once, and nothing else to ${terms.one('capture')}.`;
    case 'no-check':
      return `The ${terms.one('king')} is not attacked.`;
    case 'no-move':
      return 'There is no legal move.';
    case 'is-stalemate':
      return `No legal move, and no check: that is ${terms.one('stalemate')}.`;
    case 'have-agreed':
      return 'The players agreed to a draw.';
    case 'has-a-winner':
      return 'Somebody has won, so it was not a draw.';
    case 'is-a-draw':
      return 'The game was a draw, so nobody resigned.';
    case 'one-step':
      return `The ${terms.one('pawn')} moved one square only.`;
    case 'two-steps':
      return `The ${terms.one('pawn')} moved two squares.`;
    case 'just-now':
      return `The ${terms.one('pawn')} has moved just now, so it is not too late.`;
    case 'is-beside':
      return `The two ${terms.many('pawn')} stand side by side.`;
    case 'is-not-beside':
      return `The two ${terms.many('pawn')} do not stand side by side.`;
    case 'king-is-safe':
      return `After the capture nobody attacks the ${terms.one('king')}.`;
    case 'king-would-be-attacked':
      return `After the capture the ${man(reason.byRole, reason.by, terms)} attacks the ${terms.one('king')}.`;
    case 'nothing-does':
      return 'Nothing does that here.';
    case 'too-few-men':
      return `With these pieces nobody can ever give ${terms.one('checkmate')}.`;
    case 'has-moved':
      return `${capital(terms.a('king'))} or ${terms.one('rook')} that has moved can't ${terms.one('castle')}.`;
    case 'does-not-matter':
      return 'That does not matter here.';
    case 'all-conditions-hold':
      return 'Nothing stands against it.';
    case 'only-at-once':
      return `${capital(terms.one('in-passing'))} is allowed only at once, on the very next move.`;
    case 'enough-men':
      return `There are enough pieces for ${terms.one('checkmate')}.`;
    case 'not-agreed':
      return 'They did not agree to a draw.';
    case 'nothing-else-ends-it':
      return 'Nothing on the board ended the game.';
    case 'it-is-mate':
      return `It is ${terms.one('checkmate')}: check, and no legal move.`;
    case 'is-called':
      return `It is called: ${PATTERN_NAMES[reason.pattern]}. The ${man(reason.role, reason.square, terms)} gives it.`;
    case 'times':
      return reason.times >= 3
        ? 'Three times the same position: that is a draw if it is claimed.'
        : 'It must be there three times.';
    case 'quiet-moves':
      return reason.moves >= 50
        ? 'Fifty moves: that is a draw if it is claimed.'
        : `That needs 50 moves; there were ${reason.moves}.`;
    case 'result-is':
      return 'The first number is what White gets, the second what Black gets.';
    case 'exchange':
      return `${reason.moves.join(', ')}: ${gainText(reason.gain)}.`;
  }
}

/** What the move comes to, and the best other one. */
function fatesText(reason: Extract<Reason, { code: 'fates' }>, side: Side, terms: Terms): string {
  const tell = (move: string, fate: StoredFate) =>
    fate.kind === 'open' ? `${move} is open` : `${move} ${fateText(side, fate, terms)}`;
  const gift = reason.isGivenUp ? ` The piece that moved can be ${terms.done('capture')}.` : '';
  return `${tell(reason.move, reason.fate)}. Of the others, ${tell(reason.other, reason.otherFate)}.${gift}`;
}

function gainText(gain: number): string {
  if (gain === 0) return 'it comes out even';
  return gain > 0 ? `${countWords(gain, 'point')} won` : `${countWords(-gain, 'point')} lost`;
}
