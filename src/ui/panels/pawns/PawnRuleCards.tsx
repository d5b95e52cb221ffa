import { getDraft } from '@/core/notation';
import type { PawnGoal } from '@/core/pawns';
import { pawnRuleText, type PawnRule } from '@/text';
import { DiagramPicture } from '@/ui/board';
import { useHouseVoice } from '@/ui/words';
import type { Diagram } from '@/drawing';
import classes from './PawnTable.module.css';
import * as pawnsText from '@/text/screens/pawns';

/** A corner of the board of so many squares. */
const SQUARES = 4;
/** What each rule shows in the corner at a1, or at a8: a few pawns and where they go. Squares count from a1 = 0. */
const PICTURES: Readonly<
  Record<PawnRule, { readonly fen: string; readonly topLeft: number; readonly arrows: Diagram['arrows'] }>
> = {
  steps: {
    fen: '8/8/8/8/8/2P5/P7/8 w - - 0 1',
    topLeft: 24,
    arrows: [
      { from: 8, to: 24, kind: 'idea' },
      { from: 18, to: 26, kind: 'idea' },
    ],
  },
  captures: {
    fen: '8/8/8/8/8/p1p5/1P6/8 w - - 0 1',
    topLeft: 24,
    arrows: [
      { from: 9, to: 16, kind: 'attack' },
      { from: 9, to: 18, kind: 'attack' },
    ],
  },
  promotion: {
    fen: '8/1P6/8/3p4/8/8/8/8 w - - 0 1',
    topLeft: 56,
    arrows: [{ from: 49, to: 57, kind: 'idea' }],
  },
  'last-move': { fen: '8/8/8/8/8/p1p5/P1P5/8 b - - 0 1', topLeft: 24, arrows: [] },
};

/** The rules in three pictures: how pawns go, how they capture, who wins. */
export function PawnRuleCards({ goal }: { readonly goal: PawnGoal }) {
  const { terms } = useHouseVoice();
  return (
    <ul className={classes.cards} aria-label={pawnsText.rules}>
      {(['steps', 'captures', goal] as const).map((rule) => {
        const { fen, topLeft, arrows } = PICTURES[rule];
        const { board } = getDraft(fen);
        const words = pawnRuleText(rule, terms);
        return (
          <li key={rule} className={classes.card}>
            <DiagramPicture
              diagram={{
                board,
                turn: undefined,
                bottom: 'white',
                part: { topLeft, squares: SQUARES },
                arrows,
              }}
              title={words}
            />
            <span aria-hidden>{words}</span>
          </li>
        );
      })}
    </ul>
  );
}
