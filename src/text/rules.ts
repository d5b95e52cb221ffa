import type { ExerciseId, RuleVariant } from '@/core/exercises';

/** The first step of help: the rule the exercise is about, in one or two short sentences. */
export const RULE_WORDS: Readonly<Record<ExerciseId, string>> = {
  'find-square': 'First the letter: go along the bottom. Then the number: go up.',
  'name-square': 'First the letter below the square, then the number beside it.',
  'square-colour': 'The corner a1 is dark. Each step to the side or up changes the colour.',
  'name-line':
    'Files go up and have letters. Ranks go across and have numbers. Diagonals go one file and one rank at a time.',
  'set-up':
    'Rooks in the corners, then knights, then bishops. The queen starts on her own colour, the king beside her. Pawns go in front.',
  repair: 'Go round from corner to corner: rook, knight, bishop, queen, king, bishop, knight, rook.',
  reach:
    'Rooks move straight, bishops diagonally, queens both ways, until something is in the way. Kings move one step. Knights jump. Land on a piece to capture it.',
  'count-reach':
    'Go along each line to its end and count. A piece you can capture counts. Your own piece does not.',
  route: 'Think backwards: from which squares can your piece reach the target?',
  'route-unguarded': 'First see which squares the other pieces attack. Then find a way round them.',
  collect: 'Find the piece from which you can capture the next one.',
  'route-answered':
    'Before you move, ask: where can the other piece go? Never stop where it can capture you.',
  'best-square':
    'For each square, count the middle squares you attack and the pieces you attack. Take one off for each piece of yours you block, and one for each move.',
  captures: 'Go through your pieces one by one. Where can each one go? Who is there?',
  'pawn-moves': 'A pawn moves one step straight, or two from its first square. It captures diagonally.',
  'free-men': 'Capture it in your head. Can anybody capture back?',
  'pawn-game':
    'Count first: how many moves do you need to the last rank, and how many do they? A pawn nobody can stop wins.',
  unprotected: 'Ask of each piece: who could capture back?',
  'attack-from': 'Go there in your head. Do you attack the target from there? Does anybody attack you?',
  trapped: 'Ask of each piece: where can it go? Could it be captured there?',
  'attack-kinds':
    'Go through them all. Capture, go away or protect. Put something between. Open a line or free a protector. Pin, attack back or check first.',
  'attack-men':
    'Try your pieces one by one. After the move: can your piece still be won? Can the piece that moved be won?',
  'who-is-ahead': 'Cross out what both sides have. Then count the rest in points.',
  trade: 'Count the points you give and the points you get.',
  'count-on-square':
    'Count who attacks the square. Look behind them too: a second piece on the same line helps.',
  'take-or-leave':
    'Play it through in your head: capture, capture back, capture again. Either side may stop.',
  poisoned: 'Capture it in your head. Now look at every check and every capture they have.',
  'what-is-it': 'First: is the king attacked? Then: is there any move at all?',
  'draw-kind':
    'Stalemate is no move and no check. The same position three times: you may claim a draw. Fifty moves without a capture or pawn move: you may too.',
  'why-stopped':
    'Look at the board first: mate, stalemate, too few pieces? Then read the story. If nothing ends the game, somebody resigned or both agreed.',
  stalemating: 'After the move: has the other king a square? Can another piece move? Is it check?',
  'answers-to-check':
    'Three answers: the king moves away, the checking piece is captured, something goes in between.',
  'king-squares': 'Look at each square beside the king: is its own piece there? Does anybody guard it?',
  'mate-in-one':
    'Look at every check: can the king move, can the piece be captured, can something go between?',
  'stop-mate':
    'Find the mate they threaten. Then guard the square, make room for the king, or capture the piece.',
  'is-safe-move': 'After the move, look at every check they have.',
  'may-castle':
    'King and rook have not moved. Nothing is between them. The king is not in check. It crosses no attacked square and lands on none.',
  'may-pass': 'Only at once. Their pawn has just moved two steps. It is right beside yours.',
  'promote-to': 'Try all four in your head: queen, rook, bishop, knight.',
  'write-move':
    'The letter of the piece, x for a capture, the square. Then + for check or # for mate. A pawn has no letter.',
  'play-written': 'The letter tells you which piece, the square tells you where. No letter means a pawn.',
  'repair-line': 'Compare what is written with the move: piece, x, square, sign, and which of two pieces.',
  'garbled-line':
    'Which of your pieces could have gone there? Play on in your head: do the next moves still work?',
  'keep-score': 'Letter of the piece, x for a capture, the square, + for check.',
  signs: 'Find the best move first. Then count: how many points better or worse is the move played?',
  'name-mate': 'Who gives check? Who guards the squares round the king? What is in the king’s way?',
  'mate-by-name': 'Think of the picture first: who mates, and who helps?',
  'missing-man': 'Which square can the king still go to? What could be captured? The missing piece stops it.',
  'missing-part':
    'Who gives check, and who protects that piece? Which square is free? Who could guard it or block it?',
  'who-mates': 'Look at the board twice: once as White, once as Black. Each king has its own dangers.',
  'forcing-moves': 'Go through your pieces one by one: can it check, capture or threaten mate?',
  'who-takes': 'Go round the king square by square: is its own piece there, or which enemy piece guards it?',
  'give-up': 'Which square does the mate need? Give up a piece to pull a defender away, or to pull it there.',
  'spare-men': 'Take each piece off in your head. Can the king get out then?',
  'open-line': 'Look along the lines that lead to the king. Which piece of your own is in the way?',
  'last-square': 'Play it through in your head to the very last move. Only then tap.',
  'whole-line': 'Work out every move first: yours, their best answer, yours. Touch nothing yet.',
  'right-order': 'Try each order in your head: which check or capture spoils it?',
  result: 'White won: 1-0. Black won: 0-1. A draw: 1/2-1/2. Not over: *.',
  'which-man': 'The letter or number after the piece tells you where it comes from.',
};

/** How a square is found, as the board is shown. */
export const SQUARE_RULE_WORDS: Readonly<Record<RuleVariant, string>> = {
  'letters-white': 'First find the letter below the board. Then go up to the number.',
  'letters-black':
    'First find the letter below the board: h is on the left. Then go up to the number: 8 is nearest to you.',
  'bare-white': 'On your left is the a-file, nearest to you is rank 1. Count to the right, then up.',
  'bare-black': 'On your left is the h-file, nearest to you is rank 8. Count back: h, g, f, and 8, 7, 6.',
};
