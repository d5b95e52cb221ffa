'use client';
import { Button, Switch, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import {
  findPosition,
  getDraft,
  getMove,
  makeMoveText,
  makeSan,
  parseMoveText,
  readMoveOn,
  type MoveText,
} from '@/core/notation';
import { groupSuggestion, SUGGESTION_GROUPS } from '@/core/proof';
import type { LiveNews } from '@/contracts/live';
import { countText, listWords, manMoveText, moveReasonText, SUGGESTION_WORDS, suggestionText } from '@/text';
import { useHouseVoice } from '@/ui/words';
import type { ShownLine } from '@/ui/workbench';
import { groupAnswers, type AnswerGroup, type Gathered } from './answers';
import classes from './BigBoard.module.css';
import { useFates } from './useBoardWork';
import * as liveText from '@/text/screens/live';

/** What the class says to the question: called out, typed, or sent from the seats; each with its fate when that is shown. */
export function SaidSide(props: {
  readonly gathered: Gathered;
  readonly isRevealed: boolean;
  readonly onReveal: () => void;
  readonly onCalled: (move: MoveText) => void;
  readonly onPlay: (line: ShownLine) => void;
}) {
  const { gathered, isRevealed, onReveal, onCalled, onPlay } = props;
  const { news, answers } = gathered;
  const [hasNames, setHasNames] = useState(false);
  const question = news?.question;
  const groups = useMemo(() => groupAnswers(answers.values()), [answers]);
  if (news === undefined || question === undefined)
    return (
      <>
        <h2>{liveText.whatTheySay}</h2>
        <p>{liveText.whatTheySayHelp}</p>
      </>
    );
  const heard = groups.reduce((sum, { count }) => sum + count, 0);
  return (
    <>
      <h2>{liveText.whatTheySay}</h2>
      <p className={classes.soft}>
        {liveText.answersInClass(countText(heard, 'answer'), countText(news.students.length, 'child'))}
      </p>
      {question.taskId === undefined && <CalledField fen={question.fen} onCalled={onCalled} />}
      <div className={classes.ways}>
        <Button variant="default" aria-pressed={isRevealed} onClick={onReveal}>
          {isRevealed ? liveText.hideWhatItLeadsTo : liveText.whatItLeadsTo}
        </Button>
        <Switch
          label={liveText.names}
          checked={hasNames}
          onChange={({ currentTarget }) => setHasNames(currentTarget.checked)}
        />
      </div>
      <SaidList gathered={gathered} isTold={isRevealed} hasNames={hasNames} onPlay={onPlay} />
    </>
  );
}

/** Answers by the commonest; told what becomes of them, by their groups. */
export function SaidList(props: {
  readonly gathered: Gathered;
  readonly isTold: boolean;
  readonly hasNames: boolean;
  /** Puts the line of a move on a board; without one there is nothing to press. */
  readonly onPlay?: (line: ShownLine) => void;
}) {
  const { gathered, isTold, hasNames, onPlay } = props;
  const { news, answers } = gathered;
  const question = news?.question;
  const groups = useMemo(() => groupAnswers(answers.values()), [answers]);
  const readSaid = useSaid(question, groups);
  const nameOf = (studentId: number) =>
    news?.students.find((one) => one.studentId === studentId)?.name ?? 'somebody';
  const shared = { isTold, nameOf: hasNames ? nameOf : undefined, onPlay };
  const row = (group: AnswerGroup) => (
    <SaidRow key={group.text} group={group} said={readSaid(group)} {...shared} />
  );
  if (!isTold) return <ul className={classes.plain}>{groups.map(row)}</ul>;
  const words = question?.taskId === undefined ? SUGGESTION_WORDS : TASK_WORDS;
  return SUGGESTION_GROUPS.map((name) => {
    const rows = groups.filter((group) => readSaid(group).group === name);
    return rows.length === 0 ? null : (
      <section key={name}>
        <h3>{words[name]}</h3>
        <ul className={classes.said}>{rows.map(row)}</ul>
      </section>
    );
  });
}

/** Answers to a task are right or something else; no fate is told of them. */
const TASK_WORDS: Readonly<Record<keyof typeof SUGGESTION_WORDS, string>> = {
  ...SUGGESTION_WORDS,
  mates: liveText.right,
  open: liveText.somethingElse,
};

interface Said {
  readonly group: keyof typeof SUGGESTION_WORDS;
  /** How a person reads the answer. */
  readonly text: string;
  readonly becomes: string;
  readonly line: ShownLine | undefined;
}

/** Of a move nothing is known of: looked at soon; none of the position's moves; or the work broke off. */
const UNKNOWN_WORDS = {
  working: liveText.notLookedAtYet,
  done: liveText.notLegalMoveHere,
  failed: liveText.notWorkedOut,
} as const;

/** Reads a group of answers: its move as it is written, its fate, and the line that shows it. */
function useSaid(
  question: LiveNews['question'],
  groups: readonly AnswerGroup[],
): (group: AnswerGroup) => Said {
  const { terms } = useHouseVoice();
  const fen = question?.fen ?? '';
  const position = useMemo(() => findPosition(fen), [fen]);
  const hasMoves = position !== undefined && groups.some(({ move }) => move !== undefined);
  const { table, state } = useFates(hasMoves ? fen : undefined);
  return ({ text, move: moveText, isRight }) => {
    if (moveText === undefined)
      return { group: isRight === true ? 'mates' : 'open', text, becomes: '', line: undefined };
    const move = getMove(moveText);
    if (position === undefined) {
      // Without kings there is no game, so nothing becomes of a move.
      const line = undefined;
      return { group: 'open', text: manMoveText(getDraft(fen), move, terms), becomes: '', line };
    }
    const { group, fate, delay } = groupSuggestion(table, move);
    const san = makeSan(position, move);
    return {
      group,
      text: san,
      becomes: fate === undefined ? UNKNOWN_WORDS[state] : suggestionText(position, fate, delay, terms),
      line: { name: liveText.ifMove(san), fen, moves: (fate?.line ?? [move]).map(makeMoveText) },
    };
  };
}

function SaidRow(props: {
  readonly group: AnswerGroup;
  readonly said: Said;
  readonly isTold: boolean;
  readonly nameOf: ((studentId: number) => string) | undefined;
  readonly onPlay: ((line: ShownLine) => void) | undefined;
}) {
  const { group, said, isTold, nameOf, onPlay } = props;
  const { line } = said;
  return (
    <li>
      <div className={classes.saidHead}>
        {line === undefined || onPlay === undefined ? (
          <strong>{said.text}</strong>
        ) : (
          <Button variant="default" size="md" onClick={() => onPlay(line)}>
            {said.text}
          </Button>
        )}
        {group.count > 1 && <span>{liveText.times(group.count)}</span>}
      </div>
      {isTold && said.becomes !== '' && <span>{said.becomes}</span>}
      {nameOf !== undefined && group.studentIds.length > 0 && (
        <span className={classes.soft}>{listWords(group.studentIds.map(nameOf))}</span>
      )}
    </li>
  );
}

/** A move as it is called out, in any writing the reader knows. */
function CalledField({
  fen,
  onCalled,
}: {
  readonly fen: string;
  readonly onCalled: (move: MoveText) => void;
}) {
  const { terms } = useHouseVoice();
  const [text, setText] = useState('');
  const [fault, setFault] = useState('');
  function add() {
    // With kings or without: a move is called out in the same words.
    const draft = getDraft(fen);
    const read = readMoveOn(draft, text);
    // On a board that is no game either side may move.
    const byHand = findPosition(fen) === undefined ? parseMoveText(text.trim()) : undefined;
    const move = read.kind === 'wrong' ? byHand : read.move;
    if (move === undefined) {
      setFault(read.kind === 'wrong' ? moveReasonText(draft, read.reason, terms) : '');
      return;
    }
    onCalled(makeMoveText(move));
    setText('');
    setFault('');
  }
  return (
    <form
      className={classes.called}
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') add();
      }}
    >
      <TextInput
        label={liveText.calledOut}
        placeholder={liveText.moveExample}
        size="md"
        value={text}
        error={fault}
        autoFocus
        onChange={({ currentTarget }) => setText(currentTarget.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') event.currentTarget.blur();
        }}
      />
      <Button type="submit" size="md">
        {liveText.noteIt}
      </Button>
    </form>
  );
}
