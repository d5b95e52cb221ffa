/** What the pattern book says of each named mate beside its name: other names, where they come from, what it is made of, what goes wrong. */
import type { PatternId } from '@/core/patterns';

interface PatternWords {
  /** Other names in use. */
  readonly also: readonly string[];
  /** Where the name comes from, as far as it is safely known; from general chess literature, from memory. */
  readonly origin?: string;
  /** The ingredients, told for a black king at the top of the board. */
  readonly ingredients: readonly string[];
  /** What goes wrong when one of them is missing. */
  readonly failures: readonly string[];
}

export const PATTERN_WORDS: Readonly<Record<PatternId, PatternWords>> = {
  'back-rank': {
    also: ['back-row mate', 'corridor mate'],
    ingredients: [
      'A rook or queen checks along the last rank.',
      'The king’s own pawns are on the squares in front of it.',
      'Nothing can go in between, and nothing can capture.',
    ],
    failures: [
      'One pawn has moved: the king slips out.',
      'One of their pieces goes in between.',
      'One of their rooks guards the last rank.',
    ],
  },
  smothered: {
    also: ['suffocated mate', 'Lucena’s mate', 'Philidor’s legacy'],
    origin: 'Printed by Lucena in 1497; the long way to it is called Philidor’s legacy.',
    ingredients: ['A knight gives check.', 'The king’s own pieces fill every square around it.'],
    failures: ['The knight can be captured.', 'One square is free: the king steps out.'],
  },
  anderssen: {
    also: [],
    origin: 'After Adolf Anderssen (19th century).',
    ingredients: [
      'A rook or queen gives check on the corner square beside the king.',
      'A pawn directly in front of the king protects it.',
      'Another piece protects that pawn.',
    ],
    failures: [
      'Nobody protects the pawn: the king captures it.',
      'The pawn is missing: the king captures the rook.',
    ],
  },
  mayet: {
    also: [],
    origin: 'After Carl Mayet (19th century).',
    ingredients: [
      'A rook gives check on the corner square beside the king.',
      'A bishop protects it from far away, along the long diagonal.',
      'The king’s other squares are blocked or guarded.',
    ],
    failures: [
      'The long diagonal gets blocked: the king captures the rook.',
      'The king slips out through f8.',
    ],
  },
  opera: {
    also: ['Morphy’s opera mate'],
    origin: 'From Paul Morphy’s game in the Paris opera, 1858.',
    ingredients: [
      'A rook gives check beside the king on the last rank.',
      'A bishop protects it and also guards the square in front of the king.',
      'One of the king’s own pieces blocks another square.',
    ],
    failures: [
      'A piece goes between bishop and rook.',
      'The king runs to the side that its own piece does not block.',
    ],
  },
  greco: {
    also: [],
    origin: 'After Gioachino Greco (17th century).',
    ingredients: [
      'The king is in the corner, with its own pawn diagonally in front.',
      'A rook or queen checks along the open edge file.',
      'A bishop guards the square beside the king.',
    ],
    failures: [
      'The bishop’s diagonal is blocked: the king steps aside.',
      'One of their pieces goes in between on the file.',
    ],
  },
  boden: {
    also: ['criss-cross mate'],
    origin: 'After Samuel Boden, who ended a game this way in 1853.',
    ingredients: [
      'One bishop gives check.',
      'The other bishop crosses its line and guards the squares beside it.',
      'The king’s own pieces are on its other squares.',
    ],
    failures: ['One of the two diagonals is blocked.', 'A square that should be blocked is empty.'],
  },
  damiano: {
    also: ['queen-and-pawn mate'],
    origin: 'After Pedro Damiano, whose book appeared in 1512.',
    ingredients: [
      'A pawn is two squares in front of the king.',
      'It protects the queen, who gives mate diagonally in front of the king.',
      'The king’s way out on the other side is closed.',
    ],
    failures: ['The king escapes through f8.', 'The pawn was captured, so the queen falls too.'],
  },
  'damiano-bishop': {
    also: ['diagonal support'],
    origin: 'After Pedro Damiano, whose book appeared in 1512.',
    ingredients: ['The queen gives mate directly in front of the king.', 'A bishop protects her.'],
    failures: ['A piece is between bishop and queen: the king captures her.', 'The king slips out sideways.'],
  },
  arabian: {
    also: [],
    origin: 'Found in old Arabic manuscripts; one of the oldest mates written down.',
    ingredients: [
      'The king is in the corner.',
      'A rook gives check next to it.',
      'A knight two squares away diagonally protects the rook and guards the other side.',
    ],
    failures: ['The knight is one square off: the king captures the rook or slips out.'],
  },
  anastasia: {
    also: [],
    origin: 'From the novel “Anastasia und das Schachspiel” (1803).',
    ingredients: [
      'The king is on the edge file, with its own piece beside it.',
      'A knight on the third square inwards guards both diagonal squares.',
      'A rook or queen checks along the edge file.',
    ],
    failures: [
      'The rook on the edge can be captured or blocked.',
      'The knight is driven away: the king has g8 or g6.',
    ],
  },
  hook: {
    also: [],
    ingredients: [
      'A rook gives check next to the king.',
      'A knight next to the king protects the rook.',
      'A pawn protects the knight.',
      'One of the king’s own pawns blocks a square.',
    ],
    failures: [
      'The pawn is missing: the king captures the knight.',
      'The knight is missing: the king captures the rook.',
    ],
  },
  legal: {
    also: ['sea-cadet mate'],
    origin: 'After the Sire de Légal (18th century).',
    ingredients: [
      'The king has come to e7.',
      'A bishop on f7 and a knight on e5 protect each other and guard squares.',
      'The other knight gives mate on d5.',
    ],
    failures: ['The knight on e5 can be captured: then the queen was simply lost.'],
  },
  morphy: {
    also: [],
    origin: 'After Paul Morphy (19th century).',
    ingredients: [
      'The king is in the corner, with its own pawn in front.',
      'A bishop checks along the long diagonal.',
      'A rook guards the square beside the king.',
    ],
    failures: [
      'A piece goes in between on the long diagonal.',
      'The rook’s file is blocked: the king steps aside.',
    ],
  },
  pillsbury: {
    also: [],
    origin: 'After Harry Nelson Pillsbury (about 1900).',
    ingredients: [
      'A rook checks along the file of the king.',
      'A bishop guards the corner square and the square in front of the king.',
      'The king’s own pieces are on both diagonal squares.',
    ],
    failures: ['A piece goes between rook and king.', 'The king goes to f8.'],
  },
  reti: {
    also: [],
    origin: 'From a game Richard Réti won in Vienna in 1910.',
    ingredients: [
      'The king is on its second rank, and its own pieces fill four squares.',
      'A bishop gives check right behind it, on the last rank.',
      'A rook or queen on that file protects the bishop.',
    ],
    failures: ['One of the four squares is empty.', 'A piece is between rook and bishop.'],
  },
  blackburne: {
    also: [],
    origin: 'After Joseph Henry Blackburne (19th century).',
    ingredients: [
      'A bishop gives check diagonally in front of the king.',
      'A knight protects it.',
      'The other bishop guards from far away.',
      'The king’s own piece is on its far side.',
    ],
    failures: [
      'The knight was captured: the king captures the bishop.',
      'The far square is empty: the king goes there.',
    ],
  },
  lolli: {
    also: [],
    origin: 'After Giambattista Lolli, whose book appeared in 1763.',
    ingredients: ['A pawn has come to f6.', 'It protects the queen, who gives mate in front of the king.'],
    failures: [
      'The pawn is captured before the queen arrives.',
      'A rook on f8 has left: the king goes there.',
    ],
  },
  'max-lange': {
    also: [],
    origin: 'After Max Lange (19th century).',
    ingredients: [
      'The king has stepped forward to the edge file.',
      'The queen gives mate diagonally behind it, on the last rank.',
      'A bishop on f7 protects her and guards g6.',
    ],
    failures: ['The bishop’s line to the queen is blocked: the king captures her.'],
  },
  epaulette: {
    also: [],
    origin: 'An epaulette is the shoulder piece of a uniform: the king wears its own pieces.',
    ingredients: [
      'The king’s own pieces are on both sides of it.',
      'The queen gives mate two squares in front of it.',
    ],
    failures: ['One shoulder has moved: the king steps aside.', 'A piece goes between queen and king.'],
  },
  'swallows-tail': {
    also: ['guéridon mate'],
    origin:
      'The two pieces behind the king look like a swallow’s tail. Guéridon is French for a small table.',
    ingredients: [
      'The queen gives mate straight next to the king, and is protected.',
      'The king’s own pieces fill both squares diagonally behind it.',
    ],
    failures: ['Nobody protects the queen.', 'One tail feather is missing: the king slips out behind.'],
  },
  dovetail: {
    also: ['Cozio’s mate'],
    origin: 'Also after Carlo Cozio, whose book appeared in 1766.',
    ingredients: [
      'The queen gives mate diagonally next to the king, and is protected.',
      'The king’s own pieces fill the two squares she does not reach.',
    ],
    failures: ['Nobody protects the queen.', 'One of the two squares is empty.'],
  },
  corner: {
    also: [],
    ingredients: [
      'The king is in the corner, and its own piece fills one square.',
      'A rook or queen guards the file beside it.',
      'A knight gives mate.',
    ],
    failures: ['The file is blocked: the king steps aside.', 'The knight can be captured.'],
  },
  'kill-box': {
    also: ['box mate'],
    ingredients: [
      'A rook gives check next to the king.',
      'The queen protects it diagonally, one empty square between.',
      'King, rook and queen are in one box of three by three squares.',
    ],
    failures: ['The square behind the king is free.', 'A piece goes between queen and rook.'],
  },
  triangle: {
    also: [],
    ingredients: [
      'The queen gives mate diagonally next to the king.',
      'A rook two squares from her on the same line protects her.',
      'King, queen and rook make a triangle.',
    ],
    failures: ['The square behind the king is free.', 'A piece goes between queen and rook.'],
  },
  vukovic: {
    also: [],
    origin: 'After Vladimir Vuković, who wrote on attacks.',
    ingredients: [
      'The king is on the edge, and a rook gives mate right in front of it.',
      'A king or pawn protects the rook.',
      'A knight behind the rook guards both sides.',
    ],
    failures: ['Nobody protects the rook.', 'The knight is elsewhere: the king steps aside.'],
  },
  balestra: {
    also: [],
    origin: 'Balestra is Italian for crossbow.',
    ingredients: ['A bishop gives check.', 'The queen alone guards two squares or more.'],
    failures: ['The bishop’s line is blocked.', 'The queen guards one square too few.'],
  },
  suffocation: {
    also: [],
    ingredients: [
      'A knight gives check.',
      'A bishop guards every square that the king’s own pieces do not fill.',
      'The king’s own pieces fill at least two squares.',
    ],
    failures: ['The bishop’s diagonal is blocked.', 'The knight can be captured.'],
  },
  'double-bishop': {
    also: ['two bishops’ mate'],
    ingredients: [
      'The king is on the edge, with its own piece beside it.',
      'Two bishops on diagonals side by side: one checks, one guards.',
    ],
    failures: ['One diagonal is blocked.', 'The bishops cross instead: that is another mate.'],
  },
  'david-goliath': {
    also: ['pawn mate'],
    origin: 'The smallest of all beats the king.',
    ingredients: ['A pawn gives mate.', 'One of the king’s own pawns is next to it.'],
    failures: [
      'The pawn can be captured, perhaps en passant.',
      'Nobody protects the pawn: the king captures it.',
    ],
  },
  ladder: {
    also: ['roller', 'two-rook mate'],
    ingredients: [
      'One rook or queen guards the line in front of the king.',
      'Another checks along the edge.',
    ],
    failures: [
      'The king comes near and captures a rook: first move the rook far away.',
      'The fence has a gap.',
    ],
  },
  scholars: {
    also: ['four-move mate'],
    ingredients: [
      'The queen captures on f7, the square that only the king guards.',
      'A bishop protects her.',
      'The king’s own pieces shut it in.',
    ],
    failures: ['Another piece guards f7 too.', 'A pawn or knight blocks the queen’s way.'],
  },
  fools: {
    also: ['two-move mate'],
    origin: 'The shortest possible game ends like this.',
    ingredients: [
      'The f-pawn has moved, and the diagonal to the king is open.',
      'The queen checks along that line.',
      'The king’s own pieces fill every other square.',
    ],
    failures: ['A pawn or piece goes in between.', 'The e- or d-pawn has moved: the king escapes.'],
  },
  'queen-king-support': {
    also: ['queen and king mate', 'kiss of death'],
    ingredients: [
      'The king is on the edge.',
      'The queen gives mate next to it.',
      'Her own king protects her.',
    ],
    failures: ['Nobody protects the queen: the king captures her.', 'One step too far: stalemate.'],
  },
};
