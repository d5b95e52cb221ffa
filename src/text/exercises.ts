/** The exercises' questions, choices and hints: short, verbs first. */
import { makeSquareName, type Side } from '@/core/board';
import {
  SMUDGE,
  type Answer,
  type ExerciseId,
  type GameEnding,
  type GameStory,
  type Hint,
  type Question,
} from '@/core/exercises';
import type { PawnGoal } from '@/core/pawns';
import type { AttackAnswer } from '@/core/tactics';
import { RULE_WORDS, SQUARE_RULE_WORDS } from './rules';
import { mateQuestion } from './proof';
import { findPatternName, PATTERN_NAMES } from './patternNames';
import { countWords, listWords, ROLE_WORDS, SIDE_WORDS } from './words';

export function questionText(question: Question): string {
  switch (question.code) {
    case 'tap-square':
      return `${seenFromWords(question)}Tap the square ${makeSquareName(question.square)}.`;
    case 'colour-of':
      return `Is ${makeSquareName(question.square)} light or dark?`;
    case 'same-colour': {
      const [one, other] = question.squares;
      return `Are ${makeSquareName(one)} and ${makeSquareName(other)} of the same colour?`;
    }
    case 'name-square':
      return `${seenFromWords(question)}Write the name of the marked square.`;
    case 'which-kind-of-line':
      return 'What kind of line is marked?';
    case 'which-line':
      return `${seenFromWords(question)}Which line is marked?`;
    case 'set-up':
      return setUpText(question.sides.length === 2 ? undefined : question.sides[0], question.areOfficersOnly);
    case 'repair':
      return `${countWords(question.slips, 'thing')} ${question.slips === 1 ? 'is' : 'are'} wrong. Put the board right.`;
    case 'reach':
      return `Tap every square this ${ROLE_WORDS[question.role]} can go to.`;
    case 'pawn-moves':
      return 'Tap every square this pawn can move to or capture on.';
    case 'count-reach':
      return `How many squares can this ${ROLE_WORDS[question.role]} go to?`;
    case 'route':
      return `Move the ${ROLE_WORDS[question.role]} to ${targetWords(question.targets)} in as few moves as you can.${toldWords(question)}`;
    case 'route-unguarded':
      return `Move the ${ROLE_WORDS[question.role]} to ${targetWords(question.targets)} in as few moves as you can. Stop only where nobody can capture it. It may capture on the way.${toldWords(question)}`;
    case 'collect':
      return `Capture all ${question.targets.length} pieces with the ${ROLE_WORDS[question.role]} in as few moves as you can.${toldWords(question)}`;
    case 'route-answered':
      return `Move the ${ROLE_WORDS[question.role]} to ${makeSquareName(question.target)} in as few moves as you can. After each move the ${ROLE_WORDS[question.answeringRole]} on ${makeSquareName(question.answering)} moves too.`;
    case 'best-square':
      return `Which of ${listWords(question.candidates.map(makeSquareName))} is best for the ${ROLE_WORDS[question.role]} on ${makeSquareName(question.square)}? ${weightsText(question.weights)}`;
    case 'pawn-game':
      return `You are ${SIDE_WORDS[question.turn]}. ${PAWN_GOAL_WORDS[question.goal]}`;
    case 'attack-kinds':
      return `${attackText(question)} Which answers are there? Choose all.`;
    case 'attack-men':
      return `${attackText(question)} ${ATTACK_TASK_WORDS[question.answer]}`;
    case 'whole-line':
      return `${mateQuestion(question.turn, question.moves)} Show the whole line for both sides first. The pieces will stay put.`;
    case 'last-square':
      return `${mateQuestion(question.turn, question.moves)} Tap the square of the last move.`;
    case 'right-order':
      return `${mateQuestion(question.turn, question.moves)} Tap its moves in the right order.`;
    case 'poisoned':
      return `${SIDE_WORDS[question.turn]} plays ${question.move} and wins ${countWords(question.gain, 'point')} on that square. What can ${SIDE_WORDS[question.turn === 'white' ? 'black' : 'white']} do then?`;
    case 'garbled-line':
      return `The score sheet says: ${question.line} ${smudgeText(question.garbled)}${question.after === '' ? '' : `, then ${question.after}`}. Which move was it? Write it.`;
    case 'keep-score':
      return 'Write down each move that is played.';
    case 'sign':
      return `${SIDE_WORDS[question.turn]} has played ${question.move}. Which sign has it earned?`;
    case 'captures':
      return `Tap every piece and pawn that ${SIDE_WORDS[question.turn]} can capture.`;
    case 'free-men':
      return `Tap everything that ${SIDE_WORDS[question.turn]} can capture for free: nobody can capture back.`;
    case 'king-squares':
      return 'Mark every square beside the king: free, own piece or guarded.';
    case 'unprotected':
      return `Tap every ${question.side} piece and pawn that nobody protects.`;
    case 'trapped':
      return `Tap every ${question.side} piece that has no safe square to go to.`;
    case 'attack-from':
      return `The ${ROLE_WORDS[question.role]} makes one move. Tap every square where it then attacks ${makeSquareName(question.target)} and nobody can capture it.`;
    case 'who-is-ahead':
      return 'Who is ahead, and by how many points?';
    case 'trade':
      return `You give ${menWords(question.given)} and get ${menWords(question.taken)}. How is that trade?`;
    case 'count-attackers':
      return `How many ${question.side} pieces and pawns can help to capture on ${makeSquareName(question.square)}?`;
    case 'count-defenders':
      return `How many ${question.side} pieces and pawns can help to capture back on ${makeSquareName(question.square)}?`;
    case 'take-or-leave':
      return `${SIDE_WORDS[question.turn]} plays ${question.move}. What is the result if both sides keep capturing there as long as they like?`;
    case 'what-is-it':
      return 'Look at the side to move. What is on the board?';
    case 'answers-to-check':
      return 'Check! Which answers are there? Choose all of them.';
    case 'name-mate':
      return `${SIDE_WORDS[question.turn]} has given checkmate. What is this mate called?`;
    case 'mate-by-name':
      return question.pattern === undefined
        ? `${SIDE_WORDS[question.turn]} to move. Give mate in one move. Which mate will it be?`
        : `${SIDE_WORDS[question.turn]} to move. Give this mate in one move: ${PATTERN_NAMES[question.pattern]}.`;
    case 'missing-man':
      return `One ${question.side} piece or pawn is missing. Put it where it makes this mate: ${PATTERN_NAMES[question.pattern]}.`;
    case 'missing-part':
      return `${SIDE_WORDS[question.side]} wants to give this mate: ${PATTERN_NAMES[question.pattern]}. One piece or pawn is missing, a white or a black one. Put it on the board.`;
    case 'who-mates':
      return 'Who could give mate in one move, if it were that side’s turn?';
    case 'forcing-moves':
      return `${SIDE_WORDS[question.turn]} to move. ${FORCING_TASK_WORDS[question.asked]}`;
    case 'who-takes':
      return `It is checkmate. Mark every square beside ${SIDE_WORDS[question.turn]}'s king: which piece keeps the king off it?`;
    case 'give-up':
      return `${SIDE_WORDS[question.turn]} mates in ${question.moves} with a sacrifice. Play the first move.`;
    case 'spare-men':
      return `It is mate. Which ${question.side} pieces and pawns are not needed? Tap them all.`;
    case 'open-line':
      return `Take one ${question.side} piece or pawn away and it is mate. Tap it.`;
    case 'mate-in-one':
      return `${SIDE_WORDS[question.turn]} to move. Give mate in one move.`;
    case 'stop-mate':
      return `${SIDE_WORDS[question.turn]} to move. Your opponent threatens mate. Play a move that stops it.`;
    case 'is-safe-move':
      return `${SIDE_WORDS[question.turn]} wants to play ${question.move}. Does that allow a mate in one?`;
    case 'may-castle':
      return castlingText(question);
    case 'may-pass':
      return passingText(question);
    case 'draw-kind':
      return `${storyText(question.story)} Which draw is it, or which draw can be claimed?`;
    case 'why-stopped':
      return `The game has ended ${RESULT_WORDS[question.result] ?? question.result}. ${storyText(question.story)} Why did they stop here?`;
    case 'stalemating':
      return `${SIDE_WORDS[question.turn]} to move. Which of these moves give stalemate? Choose all.`;
    case 'result':
      return `${endingText(question.ending, SIDE_WORDS[question.side])} What is written?`;
    case 'repair-line':
      return `The score sheet says: ${question.line} ${question.faulty}. The last move is not written correctly. Write it correctly.`;
    case 'promote-to':
      return `The pawn goes to ${makeSquareName(question.square)}. What can it become so that it ${PROMOTION_WORDS[question.goal]}? Choose all.`;
    case 'write-move':
      return `${SIDE_WORDS[question.turn]} plays the move that is shown. Write it.`;
    case 'play-written':
      return `${SIDE_WORDS[question.turn]} to move. Play ${question.san}.`;
    case 'which-man':
      return `${SIDE_WORDS[question.turn]} plays ${question.san}. Tap the piece or pawn that moves.`;
  }
}

/** Questions whose words say whose move it is. */
const SAYS_TURN: ReadonlySet<Question['code']> = new Set([
  ...(['whole-line', 'last-square', 'right-order', 'mate-by-name', 'forcing-moves', 'mate-in-one'] as const),
  ...(['stop-mate', 'stalemating', 'play-written'] as const),
]);
export const isTurnSaid = ({ code }: Question): boolean => SAYS_TURN.has(code);

const FORCING_TASK_WORDS = {
  checks: 'Tap the square of every check.',
  kinds: 'Mark the square of every check. Mark every other capture and every quiet threat to mate too.',
  gains: 'Mark the square of every check and capture: what is the result if both keep capturing there?',
} as const;

/** What wins the pawns-only game. */
export const PAWN_GOAL_WORDS = {
  promotion: 'Get a pawn to the last rank first.',
  'last-move': 'Make the last move. Whoever cannot move loses.',
} as const;

/** A rule of the pawns game, as its picture is called. */
export type PawnRule = 'steps' | 'captures' | PawnGoal;
export const PAWN_RULE_WORDS: Readonly<Record<PawnRule, string>> = {
  steps: 'A pawn moves one step. From its first square it may move two.',
  captures: 'A pawn captures diagonally.',
  promotion: 'First pawn on the last rank wins.',
  'last-move': 'Whoever makes the last move wins.',
};

const ATTACK_TASK_WORDS: Readonly<Record<AttackAnswer, string>> = {
  take: 'Tap every piece that can capture the attacker and loses nothing.',
  'go-away': 'Tap every square where your piece is safe.',
  protect: 'Tap every piece that can move to protect it.',
  'put-between': 'Tap every piece that can go between.',
  'open-line': 'Tap every piece that can step aside so that another one protects it.',
  'free-guard': 'Tap every piece that can free a pinned protector.',
  pin: 'Tap every piece that can pin the attacker to its king.',
  counter: 'Tap every piece that can attack something as big.',
  'in-between': 'Tap every piece that can give check or threaten mate first.',
};

/** "The pawn on h2 attacks the knight on g3." */
function attackText(question: Extract<Question, { attacker: unknown }>): string {
  const { attacker, attackerRole, target, targetRole } = question;
  return `The ${ROLE_WORDS[attackerRole]} on ${makeSquareName(attacker)} attacks the ${ROLE_WORDS[targetRole]} on ${makeSquareName(target)}.`;
}

/** "Count 1 point for each middle square it sees ...": what the tally counts, so that the question says it all. */
function weightsText({
  middle,
  attacked,
  blocked,
  moves,
}: Extract<Question, { code: 'best-square' }>['weights']): string {
  return [
    `Add ${countWords(middle, 'point')} for each middle square it stands on or sees. Add ${attacked} for each piece it attacks.`,
    `Take away ${blocked} for each of your own pieces it blocks. Take away ${moves} for each move it needs.`,
  ].join(' ');
}

const PROMOTION_WORDS = {
  mate: 'is mate',
  'no-stalemate': 'is not stalemate',
  fork: 'attacks two bigger pieces and is safe',
} as const;

/** A smudged move with a sign that everybody reads as "cannot be read". */
function smudgeText(garbled: string): string {
  return garbled.replaceAll(SMUDGE, '▒');
}

function setUpText(side: 'white' | 'black' | undefined, areOfficersOnly: boolean): string {
  if (side !== undefined) {
    return areOfficersOnly
      ? `The pawns are there. Put ${SIDE_WORDS[side]}'s pieces behind them.`
      : `Set up ${SIDE_WORDS[side]}'s army.`;
  }
  return areOfficersOnly
    ? 'The pawns are there. Put the pieces of both armies behind them.'
    : 'Set up the whole board.';
}

/** An empty board without letters looks alike from both sides. */
function seenFromWords({ seenFrom }: { readonly seenFrom: Side | undefined }): string {
  return seenFrom === undefined ? '' : `You sit on ${SIDE_WORDS[seenFrom]}'s side. `;
}

function toldWords({ isTold }: { readonly isTold: boolean }): string {
  return isTold ? ' Show the whole way first. The piece stays put.' : '';
}

function targetWords(targets: readonly number[]): string {
  return listWords(targets.map(makeSquareName));
}

/** "a rook", "a bishop and two pawns". */
function menWords(roles: Extract<Question, { code: 'trade' }>['given']): string {
  const kinds = [...new Set(roles)];
  const numbers = ['', 'a', 'two', 'three', 'four'];
  return listWords(
    kinds.map((role) => {
      const count = roles.filter((other) => other === role).length;
      return `${numbers[count] ?? count} ${ROLE_WORDS[role]}${count > 1 ? 's' : ''}`;
    }),
  );
}

const MOVED_WORDS = {
  nobody: 'King and rooks have not moved.',
  king: 'The king has moved once and come back.',
  rook: 'The rook on this side has moved once and come back.',
  'other-rook': 'The rook on the other side has moved.',
} as const;

function castlingText(question: Extract<Question, { code: 'may-castle' }>): string {
  const side = SIDE_WORDS[question.turn];
  const before = question.wasInCheck ? ' The king was in check some moves ago.' : '';
  return `${MOVED_WORDS[question.hasMoved]}${before} May ${side} castle ${question.wing} now?`;
}

function passingText(question: Extract<Question, { code: 'may-pass' }>): string {
  const other = SIDE_WORDS[question.turn === 'white' ? 'black' : 'white'];
  const step = `${other}'s pawn went from ${makeSquareName(question.from)} to ${makeSquareName(question.to)}`;
  const when = question.isLate ? `${step} a move ago. Other moves came after that.` : `${step} just now.`;
  return `${when} May the pawn on ${makeSquareName(question.pawn)} capture it in passing?`;
}

const RESULT_WORDS: Readonly<Record<string, string>> = {
  '1-0': '1-0, White has won',
  '0-1': '0-1, Black has won',
  '1/2-1/2': 'in a draw',
};

/** Only what counts or comes near it is told. */
function storyText({ times, quietMoves, haveAgreed }: GameStory): string {
  const said = [
    times > 1 ? `This position is on the board for the ${ORDINAL_WORDS[times] ?? `${times}th`} time.` : '',
    quietMoves > 0 ? `For ${quietMoves} moves there was no capture and no pawn move.` : '',
    haveAgreed ? 'The players have agreed to a draw.' : '',
  ].filter((sentence) => sentence !== '');
  return said.join(' ');
}

const ORDINAL_WORDS: Readonly<Record<number, string>> = { 2: 'second', 3: 'third', 4: 'fourth', 5: 'fifth' };

function endingText(ending: GameEnding, side: string): string {
  switch (ending) {
    case 'mates':
      return `${side} gives checkmate.`;
    case 'resigns':
      return `${side} resigns.`;
    case 'time-runs-out':
      return `${side}'s time runs out; the other side still has a queen.`;
    case 'stalemate':
      return `${side} is stalemated.`;
    case 'agreement':
      return 'Both agree to a draw.';
    case 'repetition':
      return `The same position is there for the third time, and ${side} claims the draw.`;
    case 'time-runs-out-bare-king':
      return `${side}'s time runs out, but the other side has only its king.`;
    case 'still-playing':
      return 'The bell rings and the game is not over.';
  }
}

const OPTION_WORDS: Readonly<Record<string, string>> = {
  light: 'Light',
  dark: 'Dark',
  'same-colour': 'Yes, the same',
  'two-colours': 'No, two colours',
  file: 'A file',
  rank: 'A rank',
  diagonal: 'A diagonal',
  even: 'Nobody is ahead',
  good: 'A good trade',
  bad: 'A bad trade',
  'wins-men': 'It wins points',
  'comes-out-even': 'It comes out even',
  'loses-men': 'It loses points',
  repetition: 'Three times the same position',
  'fifty-moves': 'Fifty moves without a capture or pawn move',
  agreement: 'They agreed to a draw',
  'no-draw': 'No draw',
  resignation: 'Somebody resigned',
  check: 'Check',
  mate: 'Checkmate',
  stalemate: 'Stalemate',
  dead: 'Too few pieces to mate: a draw',
  'goes-on': 'Nothing, the game goes on',
  'go-away': 'The king moves away',
  take: 'The checking piece is captured',
  'put-between': 'Something goes in between',
  none: 'None: it is mate',
  protect: 'Protect it',
  'open-line': 'Step aside, so that another protects it',
  'free-guard': 'Free a pinned protector',
  pin: 'Pin the attacker',
  counter: 'Attack something as big',
  'in-between': 'Check or threaten mate first',
  'loses-more': 'Win more on another square',
  'take-it': 'Nothing as big: the capture is good',
  '!!': '!! better than all others by 2 points or more, and it gives a piece up',
  '!': '! better than all others by 2 points or more',
  '!?': '!? as good as the best, and it gives a piece up',
  '?!': '?! worse than the best by 1 point',
  '?': '? worse than the best by 2 to 4 points',
  '??': '?? worse by 5 points or more, or it allows mate or misses mate',
  'allows-mate': 'Yes, it allows a mate',
  'allows-none': 'No, no mate',
  'may-castle': 'Yes, it may',
  'has-moved': 'No: king or rook has moved',
  'in-the-way': 'No: a piece is in the way',
  'in-check': 'No: the king is in check',
  'passes-attack': 'No: it passes an attacked square',
  'lands-in-check': 'No: it would land in check',
  'may-take': 'Yes, it may',
  'single-step': 'No: that was one step only',
  'too-late': 'No: it is too late',
  'not-beside': 'No: it did not pass this pawn',
  'king-in-check': 'No: its own king would be in check',
  king: 'King',
  queen: 'Queen',
  rook: 'Rook',
  bishop: 'Bishop',
  knight: 'Knight',
  pawn: 'Pawn',
  free: 'Free',
  'own-man': 'Own piece',
  checks: 'Check',
  captures: 'Capture',
  threats: 'Threat of mate',
  'it-mates': 'It is mate',
  'white-mates': 'White',
  'black-mates': 'Black',
  'both-mate': 'Both, each on its turn',
  'nobody-mates': 'Nobody',
  guarded: 'Guarded',
};

/** Options that mean something else in one family. */
const OWN_OPTION_WORDS: Partial<Readonly<Record<ExerciseId, Readonly<Record<string, string>>>>> = {
  trade: { even: 'An even trade' },
  signs: { none: 'No sign: none of these' },
  'attack-kinds': {
    take: 'Capture the attacker',
    'go-away': 'Move away',
    'put-between': 'Go in between',
  },
  poisoned: { 'allows-mate': 'Give checkmate at once' },
};

/** A choice or a label in words. */
export function optionText(family: ExerciseId, option: string): string {
  const own = OWN_OPTION_WORDS[family]?.[option];
  if (own !== undefined) return own;
  const pattern = findPatternName(option);
  if (pattern !== undefined) return pattern;
  if (family === 'stalemating' || family === 'result') return option === '1/2-1/2' ? '½-½' : option;
  const [kind = '', one, other] = option.split('-');
  if (family === 'who-is-ahead' && one !== undefined) {
    return `${kind === 'white' ? 'White' : 'Black'}, by ${countWords(Number(one), 'point')}`;
  }
  if (family === 'name-line' && one !== undefined) {
    if (kind === 'file') return `The ${one}-file`;
    return kind === 'rank' ? `Rank ${one}` : `The diagonal ${one} to ${other ?? ''}`;
  }
  return OPTION_WORDS[option] ?? option;
}

export function hintText(family: ExerciseId, hint: Hint): string {
  switch (hint.kind) {
    case 'rule':
      return hint.variant === undefined ? RULE_WORDS[family] : SQUARE_RULE_WORDS[hint.variant];
    case 'man':
      return `Look at ${makeSquareName(hint.square)}.`;
    case 'count':
      return family.startsWith('route') || family === 'collect'
        ? `It can be done in ${countWords(hint.count, 'move')}.`
        : `There ${hint.count === 1 ? 'is one' : `are ${hint.count}`}.`;
    case 'not-this':
      return `It is not this: ${optionText(family, hint.option)}.`;
    case 'not-square':
      return `It is not ${makeSquareName(hint.square)}.`;
    case 'begins-with':
      return `It begins with ${hint.text}.`;
  }
}

/** An answer in words, for the coach's tables and for the solution. */
export function answerText(family: ExerciseId, answer: Answer): string {
  switch (answer.kind) {
    case 'play':
      return answer.moves.join(' ');
    case 'tap':
      return listWords(
        answer.marks.map(({ square, label }) =>
          label === undefined
            ? makeSquareName(square)
            : `${makeSquareName(square)} ${optionText(family, label).toLowerCase()}`,
        ),
      );
    case 'place':
      return countWords(answer.men.length, 'piece');
    case 'write':
      return answer.text.trim() === '' ? 'nothing' : `"${answer.text.replaceAll('\n', ' ')}"`;
    case 'number':
      return String(answer.value);
    case 'choose':
      return answer.options.length === 0
        ? 'nothing'
        : listWords(answer.options.map((option) => optionText(family, option)));
  }
}
