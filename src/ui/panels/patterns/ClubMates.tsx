'use client';
import { Button } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useState } from 'react';
import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubPatternId } from '@/contracts/ids';
import { getPosition } from '@/core/notation';
import type { Result } from '@/core/shared';
import { DiagramPicture } from '@/ui/board';
import { useSending } from '@/ui/forms/useSending';
import classes from './Patterns.module.css';
import * as patternsText from '@/text/screens/patterns';
import * as commonText from '@/text/screens/common';

/** The mates that have a name in this club alone, with the board on which each was marked. */
export function ClubMates(props: {
  readonly patterns: readonly ClubPattern[];
  readonly onRemove: (input: { clubPatternId: ClubPatternId }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const [patterns, setPatterns] = useState(props.patterns);
  const { send, isBusy, status } = useSending();

  async function remove({ clubPatternId, name }: ClubPattern) {
    const removed = await send(
      () => props.onRemove({ clubPatternId }),
      () => patternsText.wasDeleted(name),
    );
    if (removed !== undefined) setPatterns(patterns.filter((one) => one.clubPatternId !== clubPatternId));
  }

  return (
    <section className={classes.ours}>
      <h2>{patternsText.clubNames}</h2>
      <p className={classes.soft} role="status">
        {status !== ''
          ? status
          : patterns.length === 0
            ? patternsText.noClubNames
            : patternsText.clubNamesHelp}
      </p>
      <ul className={classes.wall}>
        {patterns.map((pattern) => {
          const { board, turn } = getPosition(pattern.fen);
          return (
            <li key={pattern.clubPatternId}>
              <Link href={`/desk?fen=${encodeURIComponent(pattern.fen)}` as Route} className={classes.tile}>
                <DiagramPicture
                  diagram={{ board, turn: undefined, bottom: turn === 'black' ? 'white' : 'black' }}
                  title={pattern.name}
                />
                <strong>{pattern.name}</strong>
              </Link>
              <Button
                mt="xs"
                variant="default"
                mih={44}
                disabled={isBusy}
                aria-label={patternsText.deleteName(pattern.name)}
                onClick={() => void remove(pattern)}
              >
                {commonText.deleteButton}
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
