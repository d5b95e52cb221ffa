'use client';
import { Button } from '@mantine/core';
import { SchemeButton } from '@/ui/theme/SchemeButton';
import type { BoardPlace, BoardSegment } from '@/contracts/live';
import { segmentText } from '@/text';
import classes from './BigBoard.module.css';
import type { BoardHand } from './useBoard';
import * as liveText from '@/text/screens/live';

/** Every deed of the big board by one key; page keys are those of a presenter's remote. */
const KEYS: readonly (readonly [string, string])[] = [
  ['Page down', 'the next position'],
  ['Page up', 'the one before'],
  ['. and ,', 'one move on, one move back'],
  ['H', 'home: where the question began'],
  ['Q', 'ask the class, stop asking'],
  ['S', 'what they say'],
  ['R', 'what becomes of it, or hide that'],
  ['A', 'the answer, or hide it'],
  ['L', 'the points, move by move'],
  ['G', 'squares that are guarded'],
  ['F', 'squares round the king'],
  ['D', 'draw arrows and rings'],
  ['C', 'clear drawings'],
  ['X', 'no signs at all'],
  ['E', 'set up a position, and done'],
  ['K', 'what is shown becomes home'],
  ['U', 'turn the board'],
  ['Z', 'the whole screen'],
  ['?', 'these keys'],
];

/** What is needed more rarely, and all keys. */
export function MoreSide(props: {
  readonly classId: number;
  readonly segments: readonly BoardSegment[];
  readonly place: BoardPlace;
  readonly hand: BoardHand;
  readonly onSegment: (segment: number) => void;
  readonly onHand: (hand: BoardHand) => void;
  readonly onTurn: () => void;
  readonly onWhole: () => void;
  readonly onEnd: () => void;
}) {
  const { hand, onHand } = props;
  return (
    <>
      <h2>{liveText.plan}</h2>
      <ol className={classes.plan}>
        {props.segments.map((segment, index) => (
          <li key={index}>
            <Button
              variant="default"
              justify="flex-start"
              disabled={segment.stops.length === 0}
              aria-pressed={index === props.place.segment}
              onClick={() => props.onSegment(index)}
            >
              {segmentText(segment)}
            </Button>
          </li>
        ))}
      </ol>
      {props.segments.length === 0 && <p>{liveText.lessonHasNoPlan}</p>}
      <h2>{liveText.more}</h2>
      <div className={classes.group}>
        <Button variant="default" aria-pressed={hand === 'sets-up'} onClick={() => onHand('sets-up')}>
          {liveText.setUp}
        </Button>
        <Button variant="default" aria-pressed={hand === 'draws'} onClick={() => onHand('draws')}>
          {liveText.draw}
        </Button>
        <Button variant="default" onClick={props.onTurn}>
          {liveText.turnBoard}
        </Button>
        <Button variant="default" onClick={props.onWhole}>
          {liveText.wholeScreen}
        </Button>
        <Button component="a" href={`/board/${props.classId}/coach`} target="_blank" variant="default">
          {liveText.myWindow}
        </Button>
        <SchemeButton />
        <Button variant="default" onClick={props.onEnd}>
          {liveText.endLesson}
        </Button>
      </div>
      <h2>{liveText.keys}</h2>
      <dl className={classes.keys}>
        {KEYS.map(([key, deed]) => (
          <div key={key}>
            <dt>{key}</dt>
            <dd>{deed}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
