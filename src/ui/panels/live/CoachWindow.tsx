'use client';
import { useMemo } from 'react';
import type { BoardPage } from '@/contracts/live';
import { listWords, segmentText, thoughtText } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { groupAnswers, listSilent } from './answers';
import classes from './CoachWindow.module.css';
import { SaidList } from './SaidSide';
import { showDraft, showStop, findStop } from './stops';
import { useComposed } from './useBoardWork';
import { useLiveClass } from './useLiveClass';
import { DiagramPicture } from '@/ui/board';
import { playLine } from '@/ui/workbench';
import { makeFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import * as liveText from '@/text/screens/live';

/** For the coach's eyes: where the board is, the answer, what to say, and who has answered what. It follows the board by itself. */
export function CoachWindow({ page }: { readonly page: BoardPage }) {
  const { terms } = useHouseVoice();
  const { gathered, reading } = useLiveClass(page.classId);
  const { news } = gathered;
  const place = news?.place ?? page.live?.place ?? { segment: 0, stop: 0 };
  const segment = page.segments[place.segment];
  const stop = findStop(page.segments, place);
  const composed = useComposed(stop, page);
  const shown = useMemo(
    () => (stop && showStop(stop, composed, terms)) ?? showDraft(EMPTY_DRAFT),
    [stop, composed, terms],
  );
  const solution = useMemo(
    () =>
      playLine({ name: '', fen: makeFen(shown.home), moves: shown.moves })
        .steps.map(({ words }) => words)
        .join(' '),
    [shown],
  );
  const silent = listSilent(gathered);
  const groups = useMemo(() => groupAnswers(gathered.answers.values()), [gathered.answers]);
  const heard = groups.reduce((sum, { studentIds }) => sum + studentIds.length, 0);
  const question = news?.question;
  if (news?.liveId === undefined && reading === 'there')
    return <p className={classes.note}>{liveText.noLessonAtBoardOf(page.className)}</p>;
  return (
    <div className={classes.page}>
      <section>
        <p className={classes.note} role="status">
          {reading === 'away' ? liveText.offlineLastState : page.className}
        </p>
        <h1>{segment === undefined ? liveText.freeBoard : segmentText(segment)}</h1>
        {segment !== undefined && segment.notes !== '' && <p className={classes.notes}>{segment.notes}</p>}
        <h2>{shown.words}</h2>
        <div className={classes.board}>
          <DiagramPicture
            diagram={{
              board: shown.home.board,
              turn: shown.home.turn,
              bottom: shown.bottom,
              marks: [...shown.marks, ...(shown.answer?.marks ?? [])],
            }}
            title={shown.words}
          />
        </div>
        <p className={classes.answer}>
          {solution !== ''
            ? solution
            : shown.answer === undefined
              ? ''
              : liveText.answerIs(shown.answer.text)}
        </p>
      </section>
      <section>
        <h2>
          {question === undefined
            ? liveText.nothingAsked
            : `${question.words} ${question.isOpen && news !== undefined ? `(${thoughtText(news.nowMs - Date.parse(question.askedAt))})` : '(closed)'}`}
        </h2>
        {question !== undefined && news !== undefined && (
          <>
            <p>{liveText.haveAnswered(heard, news.students.length)}</p>
            <div className={classes.answers}>
              <SaidList gathered={gathered} isTold hasNames />
            </div>
            <h3>{liveText.notYet}</h3>
            <p>
              {silent.length === 0
                ? liveText.everybodyHasAnswered
                : listWords(silent.map(({ name }) => name))}
            </p>
          </>
        )}
      </section>
    </div>
  );
}
