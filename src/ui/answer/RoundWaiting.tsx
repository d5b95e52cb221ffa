import type { Diagram } from '@/drawing';
import { DiagramPicture } from '@/ui/board';
import type { Spoken } from '@/text';
import { TaskQuestion } from '@/ui/words';
import frame from './AnswerFrame.module.css';
import player from './PlayPlayer.module.css';
import classes from './SeatRound.module.css';

/** The places of a task, by how it is answered; they are those of the players. */
const PLACES = {
  played: { page: player.player, question: undefined, board: player.boardPlace },
  made: { page: frame.wide, question: frame.question, board: frame.boardPlace },
} as const;

/** A round before its script is there: question and board where they will be, so that nothing jumps. */
export function RoundWaiting(props: {
  readonly words?: Spoken;
  readonly diagram?: Diagram | undefined;
  readonly layout?: keyof typeof PLACES;
}) {
  const { words, diagram, layout = 'played' } = props;
  const places = PLACES[layout];
  return (
    <div className={`${classes.round} ${classes.waiting}`} aria-busy>
      <div className={classes.headRoom} />
      <p className={classes.note} />
      {words !== undefined && (
        <div className={places.page}>
          <div className={places.question}>
            <TaskQuestion text={words} />
          </div>
          {diagram !== undefined && (
            <div className={places.board}>
              <DiagramPicture diagram={diagram} title={words} />
            </div>
          )}
        </div>
      )}
    </div>
  );
}
