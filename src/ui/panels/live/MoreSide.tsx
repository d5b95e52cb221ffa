'use client';
import { Button } from '@mantine/core';
import { SchemeButton } from '@/ui/theme/SchemeButton';
import type { BoardPlace, BoardSegment } from '@/contracts/live';
import { segmentText, type Terms } from '@/text';
import { useHouseVoice } from '@/ui/words';
import classes from './BigBoard.module.css';
import type { Hand, SightLook } from '@/ui/workbench';
import * as liveText from '@/text/screens/live';

/** Every deed of the big board by one key; page keys are those of a presenter's remote. */
const listKeys = (terms: Terms): readonly (readonly [string, string])[] => [
  [liveText.pageDown, liveText.keyNextPosition],
  [liveText.pageUp, liveText.keyPreviousPosition],
  ['. and ,', liveText.keySteps],
  ['H', liveText.keyHome],
  ['Q', liveText.keyAsk],
  ['P', liveText.keyQuestions],
  ['S', liveText.keyWhatTheySay],
  ['R', liveText.keyWhatItLeadsTo],
  ['A', liveText.keyAnswer],
  ['L', liveText.keyPoints],
  ['V', liveText.keySight],
  ['B', liveText.keyArmySight],
  ['G', liveText.keyGuarded],
  ['F', liveText.keyRoundTheKing(terms)],
  ['D', liveText.keyDraw],
  ['C', liveText.keyClearDrawings],
  ['X', liveText.keyNoSigns],
  ['E', liveText.keySetUp],
  [liveText.ctrlV, liveText.keyPaste],
  ['K', liveText.keyMakeHome],
  ['U', liveText.keyTurnBoard],
  ['Z', liveText.keyWholeScreen],
  ['?', liveText.keyKeys],
];

/** What is needed more rarely, and all keys. */
export function MoreSide(props: {
  readonly classId: number;
  readonly segments: readonly BoardSegment[];
  readonly place: BoardPlace;
  readonly hand: Hand;
  readonly look: SightLook;
  readonly onSegment: (segment: number) => void;
  readonly onHand: (hand: Hand) => void;
  readonly onTurn: () => void;
  readonly onWhole: () => void;
  readonly onEnd: () => void;
}) {
  const { hand, look, onHand } = props;
  const { terms } = useHouseVoice();
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
        <Button variant="default" aria-pressed={look.isWaiting} onClick={look.togglePiece}>
          {liveText.pieceSees}
        </Button>
        <Button variant="default" aria-pressed={look.isArmy} onClick={look.toggleArmy}>
          {liveText.sideSees}
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
        {listKeys(terms).map(([key, deed]) => (
          <div key={key}>
            <dt>{key}</dt>
            <dd>{deed}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
