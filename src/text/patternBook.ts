/** What the pattern book says of each named mate beside its name: other names, where they come from, what it is made of, what goes wrong. */
import type { PatternId } from '@/core/patterns';
import { capital, type Terms } from './terms';

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

export const PATTERN_WORDS: Readonly<Record<PatternId, (terms: Terms) => PatternWords>> = {
  'back-rank': (terms) => ({
    also: ['back-row mate', 'corridor mate'],
    ingredients: [
      `${capital(terms.a('rook'))} or ${terms.one('queen')} checks along the last ${terms.one('rank')}.`,
      `The ${terms.one('king')}’s own ${terms.many('pawn')} are on the squares in front of it.`,
      `Nothing can go in between, and nothing can ${terms.one('capture')}.`,
    ],
    failures: [
      `One ${terms.one('pawn')} has moved: the ${terms.one('king')} slips out.`,
      'One of their pieces goes in between.',
      `One of their ${terms.many('rook')} guards the last ${terms.one('rank')}.`,
    ],
  }),
  smothered: (terms) => ({
    also: ['suffocated mate', 'Lucena’s mate', 'Philidor’s legacy'],
    origin: 'Printed by Lucena in 1497; the long way to it is called Philidor’s legacy.',
    ingredients: [
      `${capital(terms.a('knight'))} gives check.`,
      `The ${terms.one('king')}’s own pieces fill every square around it.`,
    ],
    failures: [
      `The ${terms.one('knight')} can be ${terms.done('capture')}.`,
      `One square is free: the ${terms.one('king')} steps out.`,
    ],
  }),
  anderssen: (terms) => ({
    also: [],
    origin: 'After Adolf Anderssen (19th century).',
    ingredients: [
      `${capital(terms.a('rook'))} or ${terms.one('queen')} gives check on the corner square beside the ${terms.one('king')}.`,
      `${capital(terms.a('pawn'))} directly in front of the ${terms.one('king')} protects it.`,
      `Another piece protects that ${terms.one('pawn')}.`,
    ],
    failures: [
      `Nobody protects the ${terms.one('pawn')}: the ${terms.one('king')} ${terms.many('capture')} it.`,
      `The ${terms.one('pawn')} is missing: the ${terms.one('king')} ${terms.many('capture')} the ${terms.one('rook')}.`,
    ],
  }),
  mayet: (terms) => ({
    also: [],
    origin: 'After Carl Mayet (19th century).',
    ingredients: [
      `${capital(terms.a('rook'))} gives check on the corner square beside the ${terms.one('king')}.`,
      `${capital(terms.a('bishop'))} protects it from far away, along the long ${terms.one('diagonal')}.`,
      `The ${terms.one('king')}’s other squares are blocked or guarded.`,
    ],
    failures: [
      `The long ${terms.one('diagonal')} gets blocked: the ${terms.one('king')} ${terms.many('capture')} the ${terms.one('rook')}.`,
      `The ${terms.one('king')} slips out through f8.`,
    ],
  }),
  opera: (terms) => ({
    also: ['Morphy’s opera mate'],
    origin: 'From Paul Morphy’s game in the Paris opera, 1858.',
    ingredients: [
      `${capital(terms.a('rook'))} gives check beside the ${terms.one('king')} on the last ${terms.one('rank')}.`,
      `${capital(terms.a('bishop'))} protects it and also guards the square in front of the ${terms.one('king')}.`,
      `One of the ${terms.one('king')}’s own pieces blocks another square.`,
    ],
    failures: [
      `A piece goes between ${terms.one('bishop')} and ${terms.one('rook')}.`,
      `The ${terms.one('king')} runs to the side that its own piece does not block.`,
    ],
  }),
  greco: (terms) => ({
    also: [],
    origin: 'After Gioachino Greco (17th century).',
    ingredients: [
      `The ${terms.one('king')} is in the corner, with its own ${terms.one('pawn')} diagonally in front.`,
      `${capital(terms.a('rook'))} or ${terms.one('queen')} checks along the open edge ${terms.one('file')}.`,
      `${capital(terms.a('bishop'))} guards the square beside the ${terms.one('king')}.`,
    ],
    failures: [
      `The ${terms.one('bishop')}’s ${terms.one('diagonal')} is blocked: the ${terms.one('king')} steps aside.`,
      `One of their pieces goes in between on the ${terms.one('file')}.`,
    ],
  }),
  boden: (terms) => ({
    also: ['criss-cross mate'],
    origin: 'After Samuel Boden, who ended a game this way in 1853.',
    ingredients: [
      `One ${terms.one('bishop')} gives check.`,
      `The other ${terms.one('bishop')} crosses its line and guards the squares beside it.`,
      `The ${terms.one('king')}’s own pieces are on its other squares.`,
    ],
    failures: [
      `One of the two ${terms.many('diagonal')} is blocked.`,
      'A square that should be blocked is empty.',
    ],
  }),
  damiano: (terms) => ({
    also: [`${terms.one('queen')}-and-${terms.one('pawn')} mate`],
    origin: 'After Pedro Damiano, whose book appeared in 1512.',
    ingredients: [
      `${capital(terms.a('pawn'))} is two squares in front of the ${terms.one('king')}.`,
      `It protects the ${terms.one('queen')}, who gives mate diagonally in front of the ${terms.one('king')}.`,
      `The ${terms.one('king')}’s way out on the other side is closed.`,
    ],
    failures: [
      `The ${terms.one('king')} escapes through f8.`,
      `The ${terms.one('pawn')} was ${terms.done('capture')}, so the ${terms.one('queen')} falls too.`,
    ],
  }),
  'damiano-bishop': (terms) => ({
    also: [`${terms.one('diagonal')} support`],
    origin: 'After Pedro Damiano, whose book appeared in 1512.',
    ingredients: [
      `The ${terms.one('queen')} gives mate directly in front of the ${terms.one('king')}.`,
      `${capital(terms.a('bishop'))} protects her.`,
    ],
    failures: [
      `A piece is between ${terms.one('bishop')} and ${terms.one('queen')}: the ${terms.one('king')} ${terms.many('capture')} her.`,
      `The ${terms.one('king')} slips out sideways.`,
    ],
  }),
  arabian: (terms) => ({
    also: [],
    origin: 'Found in old Arabic manuscripts; one of the oldest mates written down.',
    ingredients: [
      `The ${terms.one('king')} is in the corner.`,
      `${capital(terms.a('rook'))} gives check next to it.`,
      `${capital(terms.a('knight'))} two squares away diagonally protects the ${terms.one('rook')} and guards the other side.`,
    ],
    failures: [
      `The ${terms.one('knight')} is one square off: the ${terms.one('king')} ${terms.many('capture')} the ${terms.one('rook')} or slips out.`,
    ],
  }),
  anastasia: (terms) => ({
    also: [],
    origin: 'From the novel “Anastasia und das Schachspiel” (1803).',
    ingredients: [
      `The ${terms.one('king')} is on the edge ${terms.one('file')}, with its own piece beside it.`,
      `${capital(terms.a('knight'))} on the third square inwards guards both ${terms.one('diagonal')} squares.`,
      `${capital(terms.a('rook'))} or ${terms.one('queen')} checks along the edge ${terms.one('file')}.`,
    ],
    failures: [
      `The ${terms.one('rook')} on the edge can be ${terms.done('capture')} or blocked.`,
      `The ${terms.one('knight')} is driven away: the ${terms.one('king')} has g8 or g6.`,
    ],
  }),
  hook: (terms) => ({
    also: [],
    ingredients: [
      `${capital(terms.a('rook'))} gives check next to the ${terms.one('king')}.`,
      `${capital(terms.a('knight'))} next to the ${terms.one('king')} protects the ${terms.one('rook')}.`,
      `${capital(terms.a('pawn'))} protects the ${terms.one('knight')}.`,
      `One of the ${terms.one('king')}’s own ${terms.many('pawn')} blocks a square.`,
    ],
    failures: [
      `The ${terms.one('pawn')} is missing: the ${terms.one('king')} ${terms.many('capture')} the ${terms.one('knight')}.`,
      `The ${terms.one('knight')} is missing: the ${terms.one('king')} ${terms.many('capture')} the ${terms.one('rook')}.`,
    ],
  }),
  legal: (terms) => ({
    also: ['sea-cadet mate'],
    origin: 'After the Sire de Légal (18th century).',
    ingredients: [
      `The ${terms.one('king')} has come to e7.`,
      `${capital(terms.a('bishop'))} on f7 and ${terms.a('knight')} on e5 protect each other and guard squares.`,
      `The other ${terms.one('knight')} gives mate on d5.`,
    ],
    failures: [
      `The ${terms.one('knight')} on e5 can be ${terms.done('capture')}: then the ${terms.one('queen')} was simply lost.`,
    ],
  }),
  morphy: (terms) => ({
    also: [],
    origin: 'After Paul Morphy (19th century).',
    ingredients: [
      `The ${terms.one('king')} is in the corner, with its own ${terms.one('pawn')} in front.`,
      `${capital(terms.a('bishop'))} checks along the long ${terms.one('diagonal')}.`,
      `${capital(terms.a('rook'))} guards the square beside the ${terms.one('king')}.`,
    ],
    failures: [
      `A piece goes in between on the long ${terms.one('diagonal')}.`,
      `The ${terms.one('rook')}’s ${terms.one('file')} is blocked: the ${terms.one('king')} steps aside.`,
    ],
  }),
  pillsbury: (terms) => ({
    also: [],
    origin: 'After Harry Nelson Pillsbury (about 1900).',
    ingredients: [
      `${capital(terms.a('rook'))} checks along the ${terms.one('file')} of the ${terms.one('king')}.`,
      `${capital(terms.a('bishop'))} guards the corner square and the square in front of the ${terms.one('king')}.`,
      `The ${terms.one('king')}’s own pieces are on both ${terms.one('diagonal')} squares.`,
    ],
    failures: [
      `A piece goes between ${terms.one('rook')} and ${terms.one('king')}.`,
      `The ${terms.one('king')} goes to f8.`,
    ],
  }),
  reti: (terms) => ({
    also: [],
    origin: 'From a game Richard Réti won in Vienna in 1910.',
    ingredients: [
      `The ${terms.one('king')} is on its second ${terms.one('rank')}, and its own pieces fill four squares.`,
      `${capital(terms.a('bishop'))} gives check right behind it, on the last ${terms.one('rank')}.`,
      `${capital(terms.a('rook'))} or ${terms.one('queen')} on that ${terms.one('file')} protects the ${terms.one('bishop')}.`,
    ],
    failures: [
      'One of the four squares is empty.',
      `A piece is between ${terms.one('rook')} and ${terms.one('bishop')}.`,
    ],
  }),
  blackburne: (terms) => ({
    also: [],
    origin: 'After Joseph Henry Blackburne (19th century).',
    ingredients: [
      `${capital(terms.a('bishop'))} gives check diagonally in front of the ${terms.one('king')}.`,
      `${capital(terms.a('knight'))} protects it.`,
      `The other ${terms.one('bishop')} guards from far away.`,
      `The ${terms.one('king')}’s own piece is on its far side.`,
    ],
    failures: [
      `The ${terms.one('knight')} was ${terms.done('capture')}: the ${terms.one('king')} ${terms.many('capture')} the ${terms.one('bishop')}.`,
      `The far square is empty: the ${terms.one('king')} goes there.`,
    ],
  }),
  lolli: (terms) => ({
    also: [],
    origin: 'After Giambattista Lolli, whose book appeared in 1763.',
    ingredients: [
      `${capital(terms.a('pawn'))} has come to f6.`,
      `It protects the ${terms.one('queen')}, who gives mate in front of the ${terms.one('king')}.`,
    ],
    failures: [
      `The ${terms.one('pawn')} is ${terms.done('capture')} before the ${terms.one('queen')} arrives.`,
      `${capital(terms.a('rook'))} on f8 has left: the ${terms.one('king')} goes there.`,
    ],
  }),
  'max-lange': (terms) => ({
    also: [],
    origin: 'After Max Lange (19th century).',
    ingredients: [
      `The ${terms.one('king')} has stepped forward to the edge ${terms.one('file')}.`,
      `The ${terms.one('queen')} gives mate diagonally behind it, on the last ${terms.one('rank')}.`,
      `${capital(terms.a('bishop'))} on f7 protects her and guards g6.`,
    ],
    failures: [
      `The ${terms.one('bishop')}’s line to the ${terms.one('queen')} is blocked: the ${terms.one('king')} ${terms.many('capture')} her.`,
    ],
  }),
  epaulette: (terms) => ({
    also: [],
    origin: `An epaulette is the shoulder piece of a uniform: the ${terms.one('king')} wears its own pieces.`,
    ingredients: [
      `The ${terms.one('king')}’s own pieces are on both sides of it.`,
      `The ${terms.one('queen')} gives mate two squares in front of it.`,
    ],
    failures: [
      `One shoulder has moved: the ${terms.one('king')} steps aside.`,
      `A piece goes between ${terms.one('queen')} and ${terms.one('king')}.`,
    ],
  }),
  'swallows-tail': (terms) => ({
    also: ['guéridon mate'],
    origin: `The two pieces behind the ${terms.one('king')} look like a swallow’s tail. Guéridon is French for a small table.`,
    ingredients: [
      `The ${terms.one('queen')} gives mate straight next to the ${terms.one('king')}, and is protected.`,
      `The ${terms.one('king')}’s own pieces fill both squares diagonally behind it.`,
    ],
    failures: [
      `Nobody protects the ${terms.one('queen')}.`,
      `One tail feather is missing: the ${terms.one('king')} slips out behind.`,
    ],
  }),
  dovetail: (terms) => ({
    also: ['Cozio’s mate'],
    origin: 'Also after Carlo Cozio, whose book appeared in 1766.',
    ingredients: [
      `The ${terms.one('queen')} gives mate diagonally next to the ${terms.one('king')}, and is protected.`,
      `The ${terms.one('king')}’s own pieces fill the two squares she does not reach.`,
    ],
    failures: [`Nobody protects the ${terms.one('queen')}.`, 'One of the two squares is empty.'],
  }),
  corner: (terms) => ({
    also: [],
    ingredients: [
      `The ${terms.one('king')} is in the corner, and its own piece fills one square.`,
      `${capital(terms.a('rook'))} or ${terms.one('queen')} guards the ${terms.one('file')} beside it.`,
      `${capital(terms.a('knight'))} gives mate.`,
    ],
    failures: [
      `The ${terms.one('file')} is blocked: the ${terms.one('king')} steps aside.`,
      `The ${terms.one('knight')} can be ${terms.done('capture')}.`,
    ],
  }),
  'kill-box': (terms) => ({
    also: ['box mate'],
    ingredients: [
      `${capital(terms.a('rook'))} gives check next to the ${terms.one('king')}.`,
      `The ${terms.one('queen')} protects it diagonally, one empty square between.`,
      `${capital(terms.one('king'))}, ${terms.one('rook')} and ${terms.one('queen')} are in one box of three by three squares.`,
    ],
    failures: [
      `The square behind the ${terms.one('king')} is free.`,
      `A piece goes between ${terms.one('queen')} and ${terms.one('rook')}.`,
    ],
  }),
  triangle: (terms) => ({
    also: [],
    ingredients: [
      `The ${terms.one('queen')} gives mate diagonally next to the ${terms.one('king')}.`,
      `${capital(terms.a('rook'))} two squares from her on the same line protects her.`,
      `${capital(terms.one('king'))}, ${terms.one('queen')} and ${terms.one('rook')} make a triangle.`,
    ],
    failures: [
      `The square behind the ${terms.one('king')} is free.`,
      `A piece goes between ${terms.one('queen')} and ${terms.one('rook')}.`,
    ],
  }),
  vukovic: (terms) => ({
    also: [],
    origin: 'After Vladimir Vuković, who wrote on attacks.',
    ingredients: [
      `The ${terms.one('king')} is on the edge, and ${terms.a('rook')} gives mate right in front of it.`,
      `${capital(terms.a('king'))} or ${terms.one('pawn')} protects the ${terms.one('rook')}.`,
      `${capital(terms.a('knight'))} behind the ${terms.one('rook')} guards both sides.`,
    ],
    failures: [
      `Nobody protects the ${terms.one('rook')}.`,
      `The ${terms.one('knight')} is elsewhere: the ${terms.one('king')} steps aside.`,
    ],
  }),
  balestra: (terms) => ({
    also: [],
    origin: 'Balestra is Italian for crossbow.',
    ingredients: [
      `${capital(terms.a('bishop'))} gives check.`,
      `The ${terms.one('queen')} alone guards two squares or more.`,
    ],
    failures: [
      `The ${terms.one('bishop')}’s line is blocked.`,
      `The ${terms.one('queen')} guards one square too few.`,
    ],
  }),
  suffocation: (terms) => ({
    also: [],
    ingredients: [
      `${capital(terms.a('knight'))} gives check.`,
      `${capital(terms.a('bishop'))} guards every square that the ${terms.one('king')}’s own pieces do not fill.`,
      `The ${terms.one('king')}’s own pieces fill at least two squares.`,
    ],
    failures: [
      `The ${terms.one('bishop')}’s ${terms.one('diagonal')} is blocked.`,
      `The ${terms.one('knight')} can be ${terms.done('capture')}.`,
    ],
  }),
  'double-bishop': (terms) => ({
    also: [`two ${terms.many('bishop')}’ mate`],
    ingredients: [
      `The ${terms.one('king')} is on the edge, with its own piece beside it.`,
      `Two ${terms.many('bishop')} on ${terms.many('diagonal')} side by side: one checks, one guards.`,
    ],
    failures: [
      `One ${terms.one('diagonal')} is blocked.`,
      `The ${terms.many('bishop')} cross instead: that is another mate.`,
    ],
  }),
  'david-goliath': (terms) => ({
    also: [`${terms.one('pawn')} mate`],
    origin: `The smallest of all beats the ${terms.one('king')}.`,
    ingredients: [
      `${capital(terms.a('pawn'))} gives mate.`,
      `One of the ${terms.one('king')}’s own ${terms.many('pawn')} is next to it.`,
    ],
    failures: [
      `The ${terms.one('pawn')} can be ${terms.done('capture')}, perhaps ${terms.one('in-passing')}.`,
      `Nobody protects the ${terms.one('pawn')}: the ${terms.one('king')} ${terms.many('capture')} it.`,
    ],
  }),
  ladder: (terms) => ({
    also: ['roller', `two-${terms.one('rook')} mate`],
    ingredients: [
      `One ${terms.one('rook')} or ${terms.one('queen')} guards the line in front of the ${terms.one('king')}.`,
      'Another checks along the edge.',
    ],
    failures: [
      `The ${terms.one('king')} comes near and ${terms.many('capture')} ${terms.a('rook')}: first move the ${terms.one('rook')} far away.`,
      'The fence has a gap.',
    ],
  }),
  scholars: (terms) => ({
    also: ['four-move mate'],
    ingredients: [
      `The ${terms.one('queen')} ${terms.many('capture')} on f7, the square that only the ${terms.one('king')} guards.`,
      `${capital(terms.a('bishop'))} protects her.`,
      `The ${terms.one('king')}’s own pieces shut it in.`,
    ],
    failures: [
      'Another piece guards f7 too.',
      `${capital(terms.a('pawn'))} or ${terms.one('knight')} blocks the ${terms.one('queen')}’s way.`,
    ],
  }),
  fools: (terms) => ({
    also: ['two-move mate'],
    origin: 'The shortest possible game ends like this.',
    ingredients: [
      `The f-${terms.one('pawn')} has moved, and the ${terms.one('diagonal')} to the ${terms.one('king')} is open.`,
      `The ${terms.one('queen')} checks along that line.`,
      `The ${terms.one('king')}’s own pieces fill every other square.`,
    ],
    failures: [
      `${capital(terms.a('pawn'))} or piece goes in between.`,
      `The e- or d-${terms.one('pawn')} has moved: the ${terms.one('king')} escapes.`,
    ],
  }),
  'queen-king-support': (terms) => ({
    also: [`${terms.one('queen')} and ${terms.one('king')} mate`, 'kiss of death'],
    ingredients: [
      `The ${terms.one('king')} is on the edge.`,
      `The ${terms.one('queen')} gives mate next to it.`,
      `Her own ${terms.one('king')} protects her.`,
    ],
    failures: [
      `Nobody protects the ${terms.one('queen')}: the ${terms.one('king')} ${terms.many('capture')} her.`,
      `One step too far: ${terms.one('stalemate')}.`,
    ],
  }),
};
