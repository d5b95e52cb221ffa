import { getMan } from '@/core/board';
import { drawMan, SCREEN_PAINT } from '@/drawing';
import classes from './RoundEnd.module.css';

/** Where the pieces stand on the hill, in units of the picture, and how large. */
const RESTING = [
  { man: getMan('white', 'pawn'), x: 62, y: 104, scale: 0.5 },
  { man: getMan('white', 'knight'), x: 112, y: 82, scale: 0.68 },
  { man: getMan('black', 'rook'), x: 232, y: 70, scale: 0.72 },
  { man: getMan('black', 'pawn'), x: 304, y: 92, scale: 0.48 },
] as const;

const MEN = RESTING.map(
  ({ man, x, y, scale }) =>
    `<g transform="translate(${x} ${y}) scale(${scale})">${drawMan(man, SCREEN_PAINT)}</g>`,
).join('');

/** Evening after the game: our pieces rest on a hill of board squares. It says nothing, so it is hidden from who reads by ear. */
export function EveningPicture() {
  return (
    <svg className={classes.picture} viewBox="0 0 400 220" aria-hidden>
      <rect width="400" height="220" fill="var(--board-margin)" />
      <circle cx="196" cy="112" r="62" fill="var(--warm)" opacity="0.22" />
      <circle cx="196" cy="112" r="42" fill="var(--warm)" opacity="0.3" />
      <path d="M0 150 C70 108 140 120 200 138 C270 158 330 104 400 128 V220 H0 Z" fill="var(--board-light)" />
      <path d="M0 176 C90 136 170 150 230 140 C300 128 350 150 400 140 V220 H0 Z" fill="var(--board-dark)" />
      <g dangerouslySetInnerHTML={{ __html: MEN }} />
      <path d="M0 196 C110 168 250 190 400 170 V220 H0 Z" fill="var(--board-hatch)" />
    </svg>
  );
}
