import type { ExerciseId, RuleVariant } from '@/core/exercises';

/** The first step of help: the rule the exercise is about, in one or two short sentences. */
export const RULE_WORDS: Readonly<Record<ExerciseId, string>> = {
  'find-square': 'First the letter: go along the bottom. Then the number: go up.',
  'name-square': 'First the letter below the square, then the number beside it.',
  'square-colour': 'The corner a1 is dark. Each step to the side or up changes the colour.',
  'name-line':
    'Files go up and have letters. Ranks go across and have numbers. Diagonals slope, one file and one rank at a time.',
  'set-up':
    'Rooks in the corners, then knights, then bishops. The queen stands on her own colour, the king beside her. Pawns stand in front.',
  repair: 'Go round from corner to corner: rook, knight, bishop, queen, king, bishop, knight, rook.',
  reach:
    'Rooks go straight, bishops slantwise, the queen both ways, as far as it is free. Kings go one step. Knights leap. A man can be taken by landing on it.',
  'count-reach':
    'Go along each line to its end and count. A man of the other side counts, an own man does not.',
  route: 'Think backwards: from which squares can it reach the target?',
  'route-unguarded': 'First see which squares the other men guard. Then find a way round them.',
  collect: 'Look for the man from which the next one can be taken.',
  'route-answered': 'Before you go: where can the other man go then? Never stand where it takes you.',
  'best-square':
    'Count for each square: the middle squares you see, the men you attack. One less for each own man in whose way you stand, one less for each move.',
  captures: 'Take your men one by one. Where can each one go? Who stands there?',
  'pawn-moves': 'A pawn goes straight, one step, from its first place one or two. It takes slantwise.',
  'free-men': 'Take it in your head. Can anybody take back?',
  'pawn-game':
    'Count first: how many moves do you need to the last rank, and how many do they? A pawn that nobody can stop wins.',
  unprotected: 'Ask of each man: if it were taken, who could take back?',
  'attack-from': 'Go there in your head. Do you see the target from there? Does anybody see you?',
  trapped: 'Ask of each piece: where can it go? Could it be taken there?',
  'attack-kinds':
    'Go through them all: capture, go away, protect, put something between, open a line, free a protector, pin, attack back, check first.',
  'attack-men':
    'Try your men one by one. After the move: is your man still lost? Is the man that moved lost?',
  'who-is-ahead': 'Cross out what both have. Then count the rest in points.',
  trade: 'Count the points of what you give and of what you get.',
  'count-on-square':
    'Count who sees the square. Look behind them too: a second man on the same line helps as well.',
  'take-or-leave': 'Play it through in your head: take, take back, take again. Both may stop when they like.',
  poisoned: 'Take it in your head. Now look at every check of theirs, and at everything else they can take.',
  'what-is-it': 'First: is the king attacked? Then: is there any move at all?',
  'draw-kind':
    'Stalemate: no move and no check. Three times the same position, or fifty moves without a capture or pawn move: a draw may be claimed.',
  'why-stopped':
    'First look at the board: mate, stalemate, too few men? Then at what is told. If nothing ends it, somebody gave up or both agreed.',
  stalemating: 'After the move, has the other king a square? Has another man a move? Is it check?',
  'answers-to-check':
    'Three answers: the king goes away, the checking man is taken, something is put between.',
  'king-squares': 'Look at each square beside the king: does an own man stand there? Does anybody guard it?',
  'mate-in-one':
    'Look at every check. Can the king go away, can the man be taken, can something be put between?',
  'stop-mate': 'Find the mate that threatens. Then guard the square, give the king room, or take the man.',
  'is-safe-move': 'After the move, look at every check of the other side.',
  'may-castle':
    'Neither king nor rook has moved, nothing stands between, the king is not in check, passes no attacked square and lands on none.',
  'may-pass': 'Only a pawn that has just gone two steps and stands beside yours, and only at once.',
  'promote-to': 'Try all four in your head: queen, rook, bishop, knight.',
  'write-move':
    'Letter of the man, x if it takes, the square, + for check or # for mate. A pawn has no letter.',
  'play-written': 'The letter says which man, the square says where. No letter: a pawn.',
  'repair-line': 'Compare what is written with what was played: man, x, square, sign, and which of two men.',
  'garbled-line':
    'Which of your men could have gone there? Play on in your head: do the next moves still work?',
  'keep-score': 'Letter of the man, x if something is taken, the square, + for check.',
  signs: 'Find the best move first. Then count: how many points better or worse is the move that was played?',
  'name-mate': 'Who gives check? Who guards the squares round the king? What stands in its way?',
  'mate-by-name': 'Think of the picture first: who mates, and who helps?',
  'missing-man': 'Which square can the king still go to, or what could be taken? The missing man sees to it.',
  'missing-part':
    'Who gives check, and who holds that man? Which square is free, and who should guard it or stand on it?',
  'who-mates': 'Look at the board twice: once as White, once as Black. Each king has its own dangers.',
  'forcing-moves': 'Go through your men one by one: can it check, can it take, can it threaten mate?',
  'who-takes': 'Go round the king square by square: an own man, or which man of theirs?',
  'give-up': 'Which square would the mate need? A man that is given up draws somebody away, or there.',
  'spare-men': 'Take each man off in your head: can the king get out then?',
  'open-line': 'Look along the lines that lead to the king. Whose own man is on one of them?',
  'last-square': 'Play it through in your head, to the very last move. Only then tap.',
  'whole-line': 'Say every move first: yours, their best answer, yours. Touch nothing.',
  'right-order': 'Try each order in your head: which check or capture spoils it?',
  result: 'White has won: 1-0. Black has won: 0-1. A draw: 1/2-1/2. Not over: *.',
  'which-man': 'The letter or number after the man tells where it comes from.',
};

/** How a square is found, as the board is shown. */
export const SQUARE_RULE_WORDS: Readonly<Record<RuleVariant, string>> = {
  'letters-white': 'First find the letter below the board. Then go up to the number.',
  'letters-black':
    'First find the letter below the board: h is on the left. Then go up to the number: 8 is nearest to you.',
  'bare-white': 'On your left is the a-file, nearest to you is rank 1. Count to the right, then up.',
  'bare-black': 'On your left is the h-file, nearest to you is rank 8. Count back: h, g, f, and 8, 7, 6.',
};
