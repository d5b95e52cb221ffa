'use client';
import { Button } from '@/ui/controls';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import { seatNewsSchema, type LiveQuestion, type SeatLesson as SeatLessonData } from '@/contracts/seatLesson';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import type { MoveText } from '@/core/notation';
import { SeatRound } from '@/ui/answer';
import { useSuggestions } from '@/ui/sending';
import classes from './SeatLesson.module.css';
import { SeatMove } from './SeatMove';
import { SeatTask } from './SeatTask';
import { useNews } from '@/ui/news';
import * as liveText from '@/text/screens/live';

/** A question is on the seat within two seconds. */
const EVERY_MS = 1500;

/** The seat while the class is at the board: the question that is asked, and the child's own round meanwhile. */
export function SeatLesson({
  lesson,
  onLeave,
}: {
  readonly lesson: SeatLessonData;
  readonly onLeave: () => void;
}) {
  const [{ studentId, meanwhile }] = useState(lesson);
  const [news, setNews] = useState(lesson.news);
  const [isAway, setIsAway] = useState(false);
  const [given, setGiven] = useState<Readonly<Record<number, MoveText>>>({});
  // Questions the child has turned away from to its own round.
  const [left, setLeft] = useState<number>();
  const suggestions = useSuggestions(studentId);
  const reading = useNews({
    addressOf: () => SEAT_ROUTES.news.path,
    everyMs: EVERY_MS,
    read(answer) {
      const parsed = seatNewsSchema.safeParse(answer);
      if (parsed.success) setNews(parsed.data);
      return parsed.success;
    },
  });
  const { question } = news;

  function send(asked: LiveQuestion, move: MoveText) {
    setGiven((known) => ({ ...known, [asked.questionId]: move }));
    suggestions.add({
      clientId: makeUuid(),
      questionId: asked.questionId,
      move,
      answeredAt: new Date().toISOString(),
    });
  }

  const isOffline = reading === 'away' || suggestions.state.trouble !== undefined;
  const isOwn = isAway && meanwhile !== undefined;
  const isNew = isOwn && question !== undefined && question.questionId !== left;
  return (
    <div>
      <p className={classes.note} role="status">
        {isOffline
          ? liveText.keptOffline
          : isNew
            ? liveText.coachAsks
            : news.isLive
              ? liveText.classAtBoard
              : liveText.lessonOver}
      </p>
      <div className={classes.ways}>
        <Button variant="default" onClick={onLeave}>
          {liveText.myPlace}
        </Button>
        <Button variant={isNew ? 'filled' : 'default'} aria-pressed={!isOwn} onClick={() => setIsAway(false)}>
          {liveText.theBoard}
        </Button>
        <Button
          variant="default"
          aria-pressed={isOwn}
          disabled={meanwhile === undefined}
          onClick={() => {
            setLeft(question?.questionId);
            setIsAway(true);
          }}
        >
          {liveText.myRound}
        </Button>
      </div>
      {isOwn ? (
        <SeatRound
          round={meanwhile.round}
          studentId={studentId}
          back="board"
          onLeave={() => setIsAway(false)}
        />
      ) : question === undefined ? (
        <h1 className={classes.waiting}>{news.isLive ? liveText.lookAtTheBoard : liveText.allForNow}</h1>
      ) : question.taskId === undefined ? (
        <SeatMove
          key={question.questionId}
          question={question}
          given={given[question.questionId] ?? news.given}
          onSend={(move) => send(question, move)}
        />
      ) : (
        <SeatTask
          key={question.questionId}
          questionId={question.questionId}
          studentId={studentId}
          onDone={() => {
            setLeft(question.questionId);
            setIsAway(meanwhile !== undefined);
          }}
        />
      )}
    </div>
  );
}
