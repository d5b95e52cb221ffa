/**
 * Our own men: cut-paper silhouettes on a 100 x 100 square, drawn for this project from straight cuts and plain curves.
 * Each is one outline that is told by its top alone (ball, ears, slanted slot, battlements, points, cross), a foot shared
 * by all, and a few inner cuts. White is paper with an ink outline, Black ink with paper cuts and a thin paper halo, so
 * both survive a photocopy.
 */
import type { Man, Role } from '@/core/board';

interface ManShape {
  /** The silhouette: filled and outlined. */
  readonly body: string;
  /** Lines cut into it. */
  readonly cuts: string;
}

const FOOT = 'M22 90 Q22 80 32 80 H68 Q78 80 78 90 Z';

const SHAPES: Readonly<Record<Role, ManShape>> = {
  pawn: {
    body: 'M34 81 L42 57 A16 16 0 1 1 58 57 L66 81 Z',
    cuts: 'M40 62 H60',
  },
  rook: {
    body: 'M30 81 L34 46 L25 41 V17 H38 V27 H44 V17 H56 V27 H62 V17 H75 V41 L66 46 L70 81 Z',
    cuts: 'M35 47 H65 M45 81 V67 A5 5 0 0 1 55 67 V81',
  },
  knight: {
    body: 'M28 81 C30 66 38 60 44 51 L31 57 L19 54 L16 44 L35 24 L38 10 L49 20 C66 22 75 40 73 81 Z',
    cuts: 'M49 21 C62 32 64 50 62 66 M20 49 L25 47',
  },
  bishop: {
    body: 'M32 81 L40 62 C24 52 28 33 50 11 C72 33 76 52 60 62 L68 81 Z',
    cuts: 'M50 46 L60 29 M39 63 H61',
  },
  queen: {
    body: 'M31 81 L18 30 L36 47 L37 20 L50 43 L63 20 L64 47 L82 30 L69 81 Z',
    cuts: 'M31 66 H69',
  },
  king: {
    body: 'M30 81 L21 46 C21 33 38 31 43 38 V28 H33 V17 H43 V7 H57 V17 H67 V28 H57 V38 C62 31 79 33 79 46 L70 81 Z',
    cuts: 'M30 66 H70 M50 46 V58',
  },
};

const EYE = '<circle cx="39" cy="33" r="3.4" fill="CUT" stroke="none"/>';
const BEADS =
  '<circle cx="18" cy="26" r="6"/><circle cx="37" cy="15" r="6"/><circle cx="63" cy="15" r="6"/><circle cx="82" cy="26" r="6"/>';

/** Colours as SVG paint: plain colours for files, custom properties on screen. */
export interface ManPaint {
  readonly paper: string;
  readonly ink: string;
}

/** A man as SVG markup on a 100 x 100 square. */
export function drawMan({ side, role }: Man, { paper, ink }: ManPaint): string {
  const [fill, cut] = side === 'white' ? [paper, ink] : [ink, paper];
  const { body, cuts } = SHAPES[role];
  const beads = role === 'queen' ? BEADS : '';
  const outline = `${beads}<path d="${FOOT}"/><path d="${body}"/>`;
  // Black gets a paper edge under its ink, else it melts into dark squares in print.
  const halo =
    side === 'black'
      ? `<g fill="none" stroke="${paper}" stroke-width="10" stroke-linejoin="round">${outline}</g>`
      : '';
  return (
    halo +
    `<g fill="${fill}" stroke="${ink}" stroke-width="5" stroke-linejoin="round">${outline}</g>` +
    `<path d="${cuts}" fill="none" stroke="${cut}" stroke-width="4.5" stroke-linecap="round"/>` +
    (role === 'knight' ? EYE.replace('CUT', cut) : '')
  );
}

/** One man as a whole SVG picture, for trays and while it is carried. */
export function drawManPicture(man: Man, paint: ManPaint): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" aria-hidden="true">${drawMan(man, paint)}</svg>`;
}
