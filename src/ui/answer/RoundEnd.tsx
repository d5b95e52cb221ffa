import { Button } from '@/ui/controls';
import type { SeatTask } from '@/contracts/attempts';
import type { TaskId } from '@/contracts/ids';
import { getAskedLength } from '@/core/exercises';
import { use } from 'react';
import { countText, wentWellText, type Spoken } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { openFamily } from './openFamily';
import { EveningPicture } from './EveningPicture';
import classes from './RoundEnd.module.css';
import * as seatPagesText from '@/text/screens/seatPages';

/** The end of a round: what went well by name, one thing to repeat, and a calm picture. */
export function RoundEnd(props: {
  /** Those that were not skipped. */
  readonly tasks: readonly SeatTask[];
  /** Stairs that were skipped. */
  readonly climbed: number;
  /** Tasks whose first answer was not right, or that were shown. */
  readonly stumbled: readonly number[];
  /** Words of the button that leaves. */
  readonly back: Spoken;
  readonly onLeave: () => void;
  /** Wants the skipped ones as well. */
  readonly onClimb: () => void;
  readonly onRepeat: (taskId: TaskId) => void;
}) {
  const { tasks, climbed, stumbled, back, onLeave, onClimb, onRepeat } = props;
  const nameOf = useTaskNames(tasks);
  const isHard = ({ taskId }: SeatTask) => stumbled.includes(taskId);
  const hard = new Set(tasks.filter(isHard).map(nameOf));
  const well = [...new Set(tasks.map(nameOf))].filter((name) => !hard.has(name));
  const again = tasks.find(isHard);
  return (
    <div className={classes.end}>
      <EveningPicture />
      <h1>{seatPagesText.allDone}</h1>
      {tasks.length > 0 && (
        <p>
          {climbed > 0
            ? seatPagesText.youHaveClimbed(countText(tasks.length, 'stair'))
            : seatPagesText.youSolved(
                tasks.length === 1 ? seatPagesText.theTask : seatPagesText.allTasks(tasks.length),
              )}
        </p>
      )}
      {tasks.length > 0 && <p>{wentWellText(well, stumbled.length > 0)}</p>}
      {climbed > 0 && (
        <p>
          {seatPagesText.youHadClimbedBefore(countText(climbed, 'stair'))}
          <Button variant="default" onClick={onClimb}>
            {seatPagesText.climbAgain(climbed === 1 ? 'it' : 'them')}
          </Button>
        </p>
      )}
      {again !== undefined && (
        <p className={classes.again}>
          <span>{seatPagesText.onePlayAgain(nameOf(again))}</span>
          <Button variant="default" onClick={() => onRepeat(again.taskId)}>
            {seatPagesText.onceMore}
          </Button>
        </p>
      )}
      <Button onClick={onLeave}>{back}</Button>
    </div>
  );
}

/** What the tasks are called. Their families were fetched for the round. */
function useTaskNames(tasks: readonly SeatTask[]): (task: SeatTask) => string {
  const { terms } = useHouseVoice();
  const names = new Map<TaskId, string>();
  for (const task of tasks) {
    const name =
      task.family === 'mate'
        ? seatPagesText.mateIn(getAskedLength(task.task))
        : use(openFamily(task.family)).makeWords(terms).name;
    names.set(task.taskId, name);
  }
  return ({ taskId }) => names.get(taskId) ?? '';
}
