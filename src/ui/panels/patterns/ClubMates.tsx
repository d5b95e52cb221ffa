'use client';
import { Button } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useState, useTransition } from 'react';
import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubPatternId } from '@/contracts/ids';
import { getPosition } from '@/core/notation';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import { DiagramPicture } from '@/ui/board';
import classes from './Patterns.module.css';
import * as patternsText from '@/text/screens/patterns';
import * as commonText from '@/text/screens/common';

/** The mates that have a name in this club alone, with the board on which each was marked. */
export function ClubMates(props: {
  readonly patterns: readonly ClubPattern[];
  readonly onRemove: (input: { clubPatternId: ClubPatternId }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const [patterns, setPatterns] = useState(props.patterns);
  const [said, setSaid] = useState('');
  const [isBusy, startTransition] = useTransition();

  function remove({ clubPatternId, name }: ClubPattern) {
    startTransition(async () => {
      try {
        const removed = await props.onRemove({ clubPatternId });
        setSaid(removed.ok ? patternsText.wasDeleted(name) : faultText(removed.error));
        if (removed.ok) setPatterns(patterns.filter((one) => one.clubPatternId !== clubPatternId));
      } catch {
        // The network or the server is away: what is shown is what is stored.
        setSaid(commonText.noAnswer);
      }
    });
  }

  return (
    <section className={classes.ours}>
      <h2>{patternsText.clubNames}</h2>
      <p className={classes.soft} role="status">
        {said !== '' ? said : patterns.length === 0 ? patternsText.noClubNames : patternsText.clubNamesHelp}
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
                onClick={() => remove(pattern)}
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
