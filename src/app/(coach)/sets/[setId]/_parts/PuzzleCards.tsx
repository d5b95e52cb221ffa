'use client';
import { Button, Switch } from '@mantine/core';
import Link from 'next/link';
import { useState, useTransition } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { TaskId } from '@/contracts/ids';
import type { SetPuzzle } from '@/contracts/sets';
import { parseFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import type { Result } from '@/core/shared';
import { blocklessText, faultText, listWords, mateLabel } from '@/text';
import { DiagramPicture } from '@/ui/board';
import styles from '../../../../_parts/pages.module.css';

/** The set's diagrams in order. Solutions are closed until asked for: children may be looking on. */
export function PuzzleCards(props: {
  readonly setId: number;
  readonly puzzles: readonly SetPuzzle[];
  readonly onRemove: (input: { setId: number; taskId: number }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { setId, puzzles, onRemove } = props;
  const [isOpen, setIsOpen] = useState(false);
  const [error, setError] = useState('');
  const [isBusy, startTransition] = useTransition();

  function remove(taskId: TaskId) {
    startTransition(async () => {
      const result = await onRemove({ setId, taskId });
      setError(result.ok ? '' : faultText(result.error));
    });
  }

  return (
    <section>
      <div className={styles.row} style={{ minHeight: '2.75rem' }}>
        <Switch
          size="md"
          label="Show solutions"
          checked={isOpen}
          onChange={(event) => setIsOpen(event.currentTarget.checked)}
        />
        <span role="alert">{error}</span>
      </div>
      <ol className={styles.cards} style={{ marginTop: '0.75rem' }}>
        {puzzles.map((puzzle, index) => (
          <li key={puzzle.taskId} className={styles.card}>
            <PuzzlePicture puzzle={puzzle} number={index + 1} />
            {isOpen && (
              <p style={{ margin: '0.4rem 0' }}>
                {puzzle.keys.length === 1 ? 'Key' : `${puzzle.keys.length} keys`}: {listWords(puzzle.keys)}
                <br />
                <span className={styles.soft}>{puzzle.mainLine}</span>
              </p>
            )}
            <div className={styles.row}>
              <Link href={`/desk?fen=${encodeURIComponent(puzzle.fen)}`}>Open on the Desk</Link>
              <Button
                variant="subtle"
                color="clay"
                px="xs"
                disabled={isBusy}
                aria-label={`Take puzzle ${index + 1} out`}
                onClick={() => remove(puzzle.taskId)}
              >
                Take out
              </Button>
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}

function PuzzlePicture({ puzzle, number }: { puzzle: SetPuzzle; number: number }) {
  const draft = parseFen(puzzle.fen);
  const { board, turn } = draft.ok ? draft.value : EMPTY_DRAFT;
  const label = mateLabel(turn, puzzle.mateInMoves);
  return (
    <>
      <h2>
        {number}. {label}
      </h2>
      <DiagramPicture diagram={{ board, turn, bottom: turn }} title={`Puzzle ${number}. ${label}.`} />
      {puzzle.mateNoBlocks !== undefined && (
        <p className={styles.soft} style={{ margin: '0.4rem 0' }}>
          {blocklessText(puzzle.mateNoBlocks)}
        </p>
      )}
    </>
  );
}
