import type { Man } from '@/core/board';
import {
  drawArrowSign,
  drawDiagram,
  drawManPicture,
  drawSign,
  SCREEN_PAINT,
  SQUARE_MARKS,
  type Diagram,
} from '@/drawing';
import { ARROW_WORDS, SIGN_WORDS } from '@/text';
import classes from './Legend.module.css';

/** A position as a picture, nothing to touch. */
export function DiagramPicture({ diagram, title }: { diagram: Diagram; title: string }) {
  // The markup comes from our own drawing alone; texts in it are escaped there.
  return <div dangerouslySetInnerHTML={{ __html: drawDiagram(diagram, SCREEN_PAINT, title) }} />;
}

/** One man, filling its place. */
export function ManPicture({ man }: { man: Man }) {
  return <span aria-hidden dangerouslySetInnerHTML={{ __html: drawManPicture(man, SCREEN_PAINT) }} />;
}

/** The signs of the board with their meaning. */
export function SignLegend() {
  return (
    <ul className={classes.legend}>
      {SQUARE_MARKS.map((mark) => (
        <li key={mark} className={classes.item}>
          <span className={classes.sign} dangerouslySetInnerHTML={{ __html: drawSign(mark, SCREEN_PAINT) }} />
          {SIGN_WORDS[mark]}
        </li>
      ))}
      {(['attack', 'idea'] as const).map((kind) => (
        <li key={kind} className={classes.item}>
          <span
            className={classes.sign}
            dangerouslySetInnerHTML={{ __html: drawArrowSign(kind, SCREEN_PAINT) }}
          />
          {ARROW_WORDS[kind]}
        </li>
      ))}
    </ul>
  );
}
