'use client';
import { drawArrowSign, drawSign, SCREEN_PAINT, SQUARE_MARKS } from '@/drawing';
import { ARROW_WORDS, signTexts } from '@/text';
import { useHouseVoice } from '@/ui/words';
import classes from './Legend.module.css';

/** The signs of the board with their meaning. */
export function SignLegend() {
  const { terms } = useHouseVoice();
  const meanings = signTexts(terms);
  return (
    <ul className={classes.legend}>
      {SQUARE_MARKS.map((mark) => (
        <li key={mark} className={classes.item}>
          <span className={classes.sign} dangerouslySetInnerHTML={{ __html: drawSign(mark, SCREEN_PAINT) }} />
          {meanings[mark]}
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
