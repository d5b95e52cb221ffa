'use client';
import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Square } from '@/core/board';
import { openTapTask, type TapTask, type TapVerdict } from '@/core/exercises';
import { tapNoteText, tapQuestion, tapVerdictText } from '@/text';
import { Board, type HandRules } from '@/ui/board';
import classes from './TapPlayer.module.css';

/** Nothing is carried: a tap marks a square or takes its mark away. */
const STILL: HandRules = { canHold: () => false, dropResult: () => 'back' };
/** More sentences than these are not read. */
const MOST_NOTES = 4;

/** The player of every task that is answered by tapping squares. Key it by its task. */
export function TapPlayer(props: { readonly task: TapTask; readonly onNext: () => void }) {
  const { task, onNext } = props;
  const { scene, solution, judge } = useMemo(() => openTapTask(task), [task]);
  const [marks, setMarks] = useState<readonly Square[]>([]);
  const [verdict, setVerdict] = useState<TapVerdict>();
  const [isShown, setIsShown] = useState(false);
  const question = tapQuestion(task);
  const isOver = verdict?.outcome === 'right' || isShown;

  function press(square: Square): boolean {
    if (isOver) return true;
    setVerdict(undefined);
    setMarks((before) => {
      if (before.includes(square)) return before.filter((other) => other !== square);
      return scene.isSingle ? [square] : [...before, square];
    });
    return true;
  }

  return (
    <div className={classes.player}>
      <h2 className={classes.question}>{question}</h2>
      <div className={classes.boardPlace}>
        <Board
          board={scene.board}
          turn={scene.turn}
          bottom={scene.bottom}
          hasCoordinates={scene.hasCoordinates}
          label={question}
          rules={STILL}
          onDrop={() => undefined}
          onPress={press}
          marks={[
            ...(scene.asked === undefined ? [] : [{ square: scene.asked, mark: 'hint' as const }]),
            ...(isShown ? solution : marks).map((square) => ({ square, mark: 'chosen' as const })),
            ...(verdict?.extra ?? []).map((square) => ({ square, mark: 'fault' as const })),
          ]}
        />
      </div>
      <div className={classes.said} aria-live="polite">
        {verdict === undefined ? (
          <span>{marks.length === 0 ? 'Tap the board.' : `${marks.length} marked.`}</span>
        ) : (
          <Said verdict={verdict} isShown={isShown} />
        )}
      </div>
      <div className={classes.buttons}>
        {isOver ? (
          <Button size="lg" mih={56} onClick={onNext}>
            Next
          </Button>
        ) : (
          <>
            <Button size="lg" mih={56} disabled={marks.length === 0} onClick={() => setVerdict(judge(marks))}>
              Done
            </Button>
            {verdict !== undefined && (
              <Button size="lg" mih={56} variant="default" onClick={() => setIsShown(true)}>
                Show me
              </Button>
            )}
          </>
        )}
      </div>
    </div>
  );
}

/** What is too much is explained; what is missing is only counted, until it is shown. */
function Said({ verdict, isShown }: { readonly verdict: TapVerdict; readonly isShown: boolean }) {
  const notes = verdict.notes.slice(0, isShown ? undefined : verdict.extra.length).slice(0, MOST_NOTES);
  return (
    <>
      <strong>{tapVerdictText(verdict)}</strong>
      <ul className={classes.notes}>
        {notes.map((note) => (
          <li key={note.square}>{tapNoteText(note)}</li>
        ))}
      </ul>
    </>
  );
}
