'use client';
import { Button } from '@mantine/core';
import { useMemo, useState } from 'react';
import { getPosition, makeSan, parseMoveText, type MoveText } from '@/core/notation';
import {
  describeMove,
  groupDefences,
  playText,
  type MateSolution,
  type Proof,
  type ProofMove,
  type ToldGroup,
} from '@/core/proof';
import type { Position } from '@/core/rules';
import { defenceText, moveKindText, SIDE_WORDS } from '@/text';
import classes from './Desk.module.css';
import { MateNames } from './MateNames';
import type { SolutionState } from './useDeskSearch';
import { useHouseVoice } from '@/ui/words';
import * as deskText from '@/text/screens/desk';
import * as commonText from '@/text/screens/common';

/** Shows a line on the board. */
type OnShow = (name: string, moves: readonly MoveText[]) => void;

/** The whole solution, to be read aloud: each key, what the other side may do, how it is met; then tries. */
export function SolutionTree(props: {
  readonly fen: string;
  readonly solution: SolutionState;
  readonly areLooseNamesShown: boolean;
  readonly onShow: OnShow;
  readonly onStop: () => void;
}) {
  const { solution, fen, onShow } = props;
  switch (solution.kind) {
    case 'none':
      return <p className={classes.soft}>{deskText.noSolutionYet}</p>;
    case 'running':
      return (
        <div className={classes.row}>
          <span>{deskText.workingOut}</span>
          <Button size="sm" color="clay" onClick={props.onStop}>
            {commonText.stop}
          </Button>
        </div>
      );
    case 'stopped':
      return <p className={classes.soft}>{deskText.stoppedBeforeTree}</p>;
    case 'failed':
      return <p className={classes.soft}>{deskText.browserStoppedTree}</p>;
    case 'ready':
      return (
        <>
          <MateNames
            tags={solution.tags}
            ourTags={solution.ourTags}
            sacrifices={solution.sacrifices}
            areLooseNamesShown={props.areLooseNamesShown}
          />
          <Whole fen={fen} solution={solution.solution} onShow={onShow} />
        </>
      );
  }
}

function Whole({ fen, solution, onShow }: { fen: string; solution: MateSolution; onShow: OnShow }) {
  // A solution is counted from its own first move, here as on the board beside it.
  const home = useMemo(() => ({ ...getPosition(fen), fullmoves: 1 }), [fen]);
  const { proof, tries, isWhole } = solution;
  const root = proof.nodes[0];
  if (root === undefined) return null;
  return (
    <div className={classes.tree}>
      {root.moves.map((key) => (
        <KeyOf key={key.move} home={home} proof={proof} move={key} onShow={onShow} />
      ))}
      {!isWhole && <p className={classes.soft}>{deskText.partOfTree}</p>}
      {tries !== undefined && tries.length > 0 && (
        <details>
          <summary className={classes.summary}>
            {deskText.onlyOneDefenceSaves(
              tries.length === 1 ? deskText.oneTry : deskText.tries(tries.length),
              SIDE_WORDS[home.turn === 'white' ? 'black' : 'white'],
            )}
          </summary>
          <ul className={classes.plain}>
            {tries.map(({ move, refutation }) => (
              <li key={move}>
                <LineButton onClick={() => onShow(deskText.aTry, [move, refutation])}>
                  {deskText.tryAndRefutation(sanOf(home, move), sanOf(playText(home, move), refutation))}
                </LineButton>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

function KeyOf(props: { home: Position; proof: Proof; move: ProofMove; onShow: OnShow }) {
  const { home, proof, move, onShow } = props;
  const parsed = parseMoveText(move.move);
  const kind = parsed === undefined ? '' : moveKindText(describeMove(home, parsed));
  return (
    <section>
      <LineButton isStrong onClick={() => onShow(deskText.theKey, [move.move])}>
        {numbered(home, move.move)}
      </LineButton>{' '}
      <span className={classes.soft}>{kind}</span>
      <Defences at={home} proof={proof} move={move} path={[]} onShow={onShow} />
    </section>
  );
}

/** What the other side may do after a move; `path` leads from the home position to before it. */
function Defences(props: {
  at: Position;
  proof: Proof;
  move: ProofMove;
  path: readonly MoveText[];
  onShow: OnShow;
}) {
  const { at, proof, move, path, onShow } = props;
  if (move.replies.length === 0) return null;
  const after = playText(at, move.move);
  return (
    <ul className={classes.plain}>
      {groupDefences(after, proof, move).map((group) => (
        <GroupOf key={group.defences[0]} {...{ after, proof, group, onShow }} path={[...path, move.move]} />
      ))}
    </ul>
  );
}

function GroupOf(props: {
  after: Position;
  proof: Proof;
  group: ToldGroup;
  path: readonly MoveText[];
  onShow: OnShow;
}) {
  const { terms } = useHouseVoice();
  const { after, proof, group, path, onShow } = props;
  const [isOpen, setIsOpen] = useState(path.length === 1);
  const [first] = group.defences;
  const node = proof.nodes[group.node];
  const answer = node?.moves[0];
  if (first === undefined || answer === undefined) return null;
  const next = playText(after, first);
  const duals = node?.moves.slice(1).map(({ move }) => sanOf(next, move)) ?? [];
  const names = group.defences.map((defence) => sanOf(after, defence));
  const isEnd = answer.replies.length === 0;
  const line = [...path, first, answer.move];
  return (
    <li>
      <LineButton onClick={() => onShow(deskText.defenceAndAnswer, line)}>
        {defenceText(after.turn, group.kind, names, terms)} <strong>{numbered(next, answer.move)}</strong>
      </LineButton>
      {duals.length > 0 && <span className={classes.soft}>{deskText.dualAlso(duals.join(', '))}</span>}
      {!isEnd && (
        <details open={isOpen} onToggle={(event) => setIsOpen(event.currentTarget.open)}>
          <summary className={classes.summary}>{deskText.andThen}</summary>
          {/* Drawn when opened: a whole tree may hold thousands of defences. */}
          {isOpen && (
            <Defences at={next} proof={proof} move={answer} path={[...path, first]} onShow={onShow} />
          )}
        </details>
      )}
    </li>
  );
}

/** A line in words that shows itself on the board. */
export function LineButton(props: {
  readonly isStrong?: boolean;
  readonly onClick: () => void;
  readonly children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      className={`${classes.lineButton} ${props.isStrong === true ? classes.strong : ''}`}
      onClick={props.onClick}
    >
      {props.children}
    </button>
  );
}

function sanOf(position: Position, text: MoveText): string {
  const move = parseMoveText(text);
  return move === undefined ? text : makeSan(position, move);
}

/** "2. Rh3#" or "2... Rh3#". */
function numbered(position: Position, text: MoveText): string {
  const dots = position.turn === 'black' ? '...' : '.';
  return `${position.fullmoves}${dots} ${sanOf(position, text)}`;
}
