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
      'The king’s own pawns stand on the squares in front of it.',
      'Nobody can step between, and nobody can take.',
    ],
    failures: [
      'One pawn has moved: the king slips out.',
      'A man of theirs steps in between.',
      'A rook of theirs guards the last rank.',
    ],
  },
  smothered: {
    also: ['suffocated mate', 'Lucena’s mate', 'Philidor’s legacy'],
    origin: 'Printed by Lucena in 1497; the long way to it is called Philidor’s legacy.',
    ingredients: ['A knight gives check.', 'Every square round the king is taken by its own men.'],
    failures: ['The knight can be taken.', 'One square is free: the king steps out.'],
  },
  anderssen: {
    also: [],
    origin: 'After Adolf Anderssen (19th century).',
    ingredients: [
      'A rook or queen gives check on the corner square beside the king.',
      'A pawn directly in front of the king holds it.',
      'Somebody holds that pawn.',
    ],
    failures: [
      'Nobody holds the pawn: the king takes it.',
      'The king takes the rook when the pawn is missing.',
    ],
  },
  mayet: {
    also: [],
    origin: 'After Carl Mayet (19th century).',
    ingredients: [
      'A rook gives check on the corner square beside the king.',
      'A bishop holds it from afar, along the long diagonal.',
      'Its own pieces or guards take the king’s other squares.',
    ],
    failures: ['The long diagonal gets blocked: the king takes the rook.', 'The king slips out over f8.'],
  },
  opera: {
    also: ['Morphy’s opera mate'],
    origin: 'From Paul Morphy’s game in the Paris opera, 1858.',
    ingredients: [
      'A rook gives check beside the king on the last rank.',
      'A bishop holds it, and on its way guards the square in front of the king.',
      'Its own piece takes another square from the king.',
    ],
    failures: [
      'A man steps between bishop and rook.',
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
      'The bishop’s diagonal is shut: the king steps aside.',
      'A man of theirs steps between on the file.',
    ],
  },
  boden: {
    also: ['criss-cross mate'],
    origin: 'After Samuel Boden, who ended a game so in 1853.',
    ingredients: [
      'One bishop gives check.',
      'The other bishop crosses its line and guards the squares beside it.',
      'Own men stand on the king’s other squares.',
    ],
    failures: ['One of the two diagonals is blocked.', 'A square that should be blocked is empty.'],
  },
  damiano: {
    also: ['queen-and-pawn mate'],
    origin: 'After Pedro Damiano, whose book is of 1512.',
    ingredients: [
      'A pawn stands two squares in front of the king.',
      'It holds the queen, who gives mate diagonally in front of the king.',
      'The king’s way out on the other side is shut.',
    ],
    failures: ['The king runs over f8.', 'The pawn has been taken: so is the queen.'],
  },
  'damiano-bishop': {
    also: ['diagonal support'],
    origin: 'After Pedro Damiano, whose book is of 1512.',
    ingredients: ['The queen gives mate directly in front of the king.', 'A bishop holds her.'],
    failures: [
      'Something stands between bishop and queen: the king takes her.',
      'The king slips out sideways.',
    ],
  },
  arabian: {
    also: [],
    origin: 'Found in old Arabic manuscripts; one of the oldest mates written down.',
    ingredients: [
      'The king stands in the corner.',
      'A rook gives check next to it.',
      'A knight two squares away diagonally holds the rook and guards the other side.',
    ],
    failures: ['The knight stands one square off: the king takes the rook or slips out.'],
  },
  anastasia: {
    also: [],
    origin: 'From the novel “Anastasia und das Schachspiel” (1803).',
    ingredients: [
      'The king is on the edge file, with its own piece beside it.',
      'A knight on the third square inwards guards both slanting squares.',
      'A rook or queen checks along the edge file.',
    ],
    failures: [
      'The rook on the edge can be taken or blocked.',
      'The knight is driven away: the king has g8 or g6.',
    ],
  },
  hook: {
    also: [],
    ingredients: [
      'A rook gives check next to the king.',
      'A knight next to the king holds the rook.',
      'A pawn holds the knight.',
      'An own pawn takes a square from the king.',
    ],
    failures: [
      'The pawn is missing: the king takes the knight.',
      'The knight is missing: the king takes the rook.',
    ],
  },
  legal: {
    also: ['sea-cadet mate'],
    origin: 'After the Sire de Légal (18th century).',
    ingredients: [
      'The king has come to e7.',
      'A bishop on f7 and a knight on e5 hold each other and guard.',
      'The other knight gives mate on d5.',
    ],
    failures: ['The knight on e5 can simply be taken: then the queen was given away.'],
  },
  morphy: {
    also: [],
    origin: 'After Paul Morphy (19th century).',
    ingredients: [
      'The king stands in the corner, its own pawn in front.',
      'A bishop checks along the long diagonal.',
      'A rook guards the square beside the king.',
    ],
    failures: ['A man steps between on the long diagonal.', 'The rook’s file is shut: the king steps aside.'],
  },
  pillsbury: {
    also: [],
    origin: 'After Harry Nelson Pillsbury (about 1900).',
    ingredients: [
      'A rook checks along the file of the king.',
      'A bishop guards the corner square and the square in front of the king.',
      'Own men stand on both slanting squares.',
    ],
    failures: ['A man steps between rook and king.', 'The king goes to f8.'],
  },
  reti: {
    also: [],
    origin: 'From a game Richard Réti won in Vienna in 1910.',
    ingredients: [
      'The king stands on its second rank, four squares taken by its own men.',
      'A bishop gives check right behind it, on the last rank.',
      'A rook or queen on that file holds the bishop.',
    ],
    failures: ['One of the four squares is empty.', 'Something stands between rook and bishop.'],
  },
  blackburne: {
    also: [],
    origin: 'After Joseph Henry Blackburne (19th century).',
    ingredients: [
      'A bishop gives check diagonally in front of the king.',
      'A knight holds it.',
      'The other bishop guards from afar.',
      'The king’s own piece is on its far side.',
    ],
    failures: [
      'The knight is taken: the king takes the bishop.',
      'The far square is empty: the king goes there.',
    ],
  },
  lolli: {
    also: [],
    origin: 'After Giambattista Lolli, whose book is of 1763.',
    ingredients: ['A pawn has come to f6.', 'It holds the queen, who gives mate in front of the king.'],
    failures: ['The pawn is taken before the queen arrives.', 'A rook on f8 has left: the king runs there.'],
  },
  'max-lange': {
    also: [],
    origin: 'After Max Lange (19th century).',
    ingredients: [
      'The king has stepped forward to the edge file.',
      'The queen gives mate diagonally behind it, on the last rank.',
      'A bishop on f7 holds her and guards g6.',
    ],
    failures: ['The bishop’s line to the queen is shut: the king takes her.'],
  },
  epaulette: {
    also: [],
    origin: 'An epaulette is the shoulder piece of a uniform: the king wears its own men.',
    ingredients: [
      'Own men stand on both sides of the king.',
      'The queen gives mate two squares in front of it.',
    ],
    failures: ['One shoulder has moved: the king steps aside.', 'A man steps between queen and king.'],
  },
  'swallows-tail': {
    also: ['guéridon mate'],
    origin: 'The two men behind the king look like a swallow’s tail; guéridon is French for a small table.',
    ingredients: [
      'The queen gives mate next to the king, straight on, and is held.',
      'Both squares diagonally behind the king are taken by its own men.',
    ],
    failures: ['Nobody holds the queen.', 'One tail feather is missing: the king slips out behind.'],
  },
  dovetail: {
    also: ['Cozio’s mate'],
    origin: 'Also after Carlo Cozio, whose book is of 1766.',
    ingredients: [
      'The queen gives mate diagonally next to the king, and is protected.',
      'The two squares she does not reach are taken by the king’s own men.',
    ],
    failures: ['Nobody holds the queen.', 'One of the two squares is empty.'],
  },
  corner: {
    also: [],
    ingredients: [
      'The king is in the corner, with one square taken by its own piece.',
      'A rook or queen guards the file beside it.',
      'A knight gives mate.',
    ],
    failures: ['The file is shut: the king steps aside.', 'The knight can be taken.'],
  },
  'kill-box': {
    also: ['box mate'],
    ingredients: [
      'A rook gives check next to the king.',
      'The queen protects it diagonally, one empty square between.',
      'King, rook and queen stand in one box of three by three squares.',
    ],
    failures: ['The square behind the king is free.', 'A man steps between queen and rook.'],
  },
  triangle: {
    also: [],
    ingredients: [
      'The queen gives mate diagonally next to the king.',
      'A rook two squares from her, on one line, holds her.',
      'King, queen and rook make a triangle.',
    ],
    failures: ['The square behind the king is free.', 'A man steps between queen and rook.'],
  },
  vukovic: {
    also: [],
    origin: 'After Vladimir Vuković, who wrote on attacks.',
    ingredients: [
      'The king stands on the edge, a rook gives mate right in front of it.',
      'A king or pawn holds the rook.',
      'A knight behind the rook guards both sides.',
    ],
    failures: ['Nobody holds the rook.', 'The knight stands elsewhere: the king steps aside.'],
  },
  balestra: {
    also: [],
    origin: 'Balestra is Italian for crossbow.',
    ingredients: ['A bishop gives check.', 'The queen alone shuts two squares or more.'],
    failures: ['The bishop’s line is blocked.', 'The queen shuts one square too few.'],
  },
  suffocation: {
    also: [],
    ingredients: [
      'A knight gives check.',
      'A bishop guards every square that is not taken by the king’s own men.',
      'At least two squares are taken by own men.',
    ],
    failures: ['The bishop’s diagonal is shut.', 'The knight can be taken.'],
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
    origin: 'The smallest man fells the king.',
    ingredients: ['A pawn gives mate.', 'A pawn of the king’s own side stands next to it.'],
    failures: ['The pawn can be taken, also in passing.', 'The king takes the pawn: nobody holds it.'],
  },
  ladder: {
    also: ['roller', 'two-rook mate'],
    ingredients: [
      'One rook or queen guards the line in front of the king.',
      'Another checks along the edge.',
    ],
    failures: ['The king comes near and takes a rook: first move it far away.', 'The fence has a gap.'],
  },
  scholars: {
    also: ['four-move mate'],
    ingredients: [
      'The queen takes on f7, the square only the king guards.',
      'A bishop holds her.',
      'Own men shut in the king.',
    ],
    failures: ['f7 is guarded once more.', 'A pawn or knight steps in the queen’s way.'],
  },
  fools: {
    also: ['two-move mate'],
    origin: 'The shortest game there is ends so.',
    ingredients: [
      'The f-pawn has gone, and with it the cover of the slanting line to the king.',
      'The queen checks along that line.',
      'Own men take every other square.',
    ],
    failures: ['A pawn or piece steps between.', 'The e- or d-pawn has moved: the king runs.'],
  },
  'queen-king-support': {
    also: ['queen and king mate', 'kiss of death'],
    ingredients: [
      'The king stands on the edge.',
      'The queen gives mate next to it.',
      'Her own king holds her.',
    ],
    failures: ['Nobody holds the queen: the king takes her.', 'One step too far: stalemate.'],
  },
};
