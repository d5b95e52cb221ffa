'use client';
import { Button, NativeSelect, Progress } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { NewGame, StoredGame, StudentChoice } from '@/contracts/games';
import { SIDES, type Side } from '@/core/board';
import type { Result } from '@/core/shared';
import { chancePlaceText, chanceText, countText, faultText, SIDE_WORDS } from '@/text';
import { FileOrText } from '@/ui/forms/FileOrText';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import type { HarvestedGame } from '@/workers/protocol';
import puzzleClasses from '../puzzles/Puzzles.module.css';
import classes from './Games.module.css';
import * as gamesText from '@/text/screens/games';
import * as commonText from '@/text/screens/common';

/** Chances told of one game before it is opened. */
const MOST_TOLD = 4;

export type StoreGame = (input: NewGame) => Promise<Result<StoredGame, ServiceFault>>;

/** A game that was read; its id is made once, so that storing it twice keeps it once. */
type ReadGame = HarvestedGame & { readonly requestId: string };

type Reading =
  | { readonly kind: 'none' }
  | { readonly kind: 'unreadable'; readonly why: string }
  | {
      readonly kind: 'running' | 'done' | 'stopped';
      readonly games: readonly ReadGame[];
      /** The game that is looked at, and how much of it is done. */
      readonly at: { readonly number: number; readonly share: number } | undefined;
      readonly maxMoves: number;
      readonly isCut: boolean;
    };

/** Games from a file or a text, looked through here move by move; those that are kept are looked at again by the server. */
export function GamesImport(props: {
  readonly students: readonly StudentChoice[];
  readonly onStore: StoreGame;
}) {
  const { reading, read, refuse, stop } = useReading();
  return (
    <>
      <FileOrText
        fileLabel={gamesText.fileLabel}
        fileWords={gamesText.fileHelp}
        textLabel={gamesText.pasteLabel}
        textWords={gamesText.pasteHelp}
        button={gamesText.checkGames}
        isRunning={reading.kind === 'running'}
        onRead={read}
        onRefuse={refuse}
        onStop={stop}
      />
      <div className={puzzleClasses.said} role="status">
        {reading.kind === 'running' && (
          <Progress value={100 * (reading.at?.share ?? 0)} aria-label={gamesText.ofThisGame} mb={6} />
        )}
        {readingText(reading)}
      </div>
      {'games' in reading && (
        <ol className={classes.list}>
          {reading.games.map((game) => (
            <GameCard
              key={game.requestId}
              game={game}
              maxMoves={reading.maxMoves}
              students={props.students}
              onStore={props.onStore}
            />
          ))}
        </ol>
      )}
    </>
  );
}

function readingText(reading: Reading): string {
  switch (reading.kind) {
    case 'none':
      return gamesText.checkingHelp;
    case 'unreadable':
      return reading.why;
    case 'running':
      return reading.at === undefined ? gamesText.reading : gamesText.checkingGame(reading.at.number);
    case 'stopped':
      return gamesText.stoppedAfter(countText(reading.games.length, 'game'));
    case 'done':
      return reading.isCut
        ? gamesText.checkedMore(countText(reading.games.length, 'game'))
        : gamesText.checked(countText(reading.games.length, 'game'));
  }
}

function useReading() {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [reading, setReading] = useState<Reading>({ kind: 'none' });
  useEffect(() => () => client.stopAll(), [client]);

  async function run(bytes: Uint8Array, maxMoves: number): Promise<Reading> {
    const games: ReadGame[] = [];
    const stateOf = (
      kind: 'running' | 'done' | 'stopped',
      at?: { readonly number: number; readonly share: number },
      isCut = false,
    ): Reading => ({ kind, games: [...games], at, maxMoves, isCut });
    setReading(stateOf('running'));
    const { outcome } = client.ask({ kind: 'harvest', bytes, maxMoves }, (progress) => {
      if (progress.kind === 'harvest') games.push({ ...progress.game, requestId: makeUuid() });
      if (progress.kind !== 'harvesting') return;
      setReading(stateOf('running', { number: progress.number, share: progress.ply / progress.of }));
    });
    const ended = await outcome;
    if (ended.kind === 'failed') return { kind: 'unreadable', why: commonText.browserStopped };
    if (ended.kind === 'stopped') return stateOf('stopped');
    return ended.answer.kind === 'unreadable' ? ended.answer : stateOf('done', undefined, ended.answer.isCut);
  }
  return {
    reading,
    read: (bytes: Uint8Array, maxMoves: number) => void run(bytes, maxMoves).then(setReading),
    refuse: (why: string) => setReading({ kind: 'unreadable', why }),
    stop: () => client.stopAll(),
  };
}

type Storing =
  | { readonly kind: 'idle' | 'running' }
  | { readonly kind: 'failed'; readonly fault: string }
  | { readonly kind: 'stored'; readonly gameId: number };

function GameCard(props: {
  readonly game: ReadGame;
  readonly maxMoves: number;
  readonly students: readonly StudentChoice[];
  readonly onStore: StoreGame;
}) {
  const { game, students } = props;
  const [student, setStudent] = useState('');
  const [side, setSide] = useState<Side>('white');
  const [storing, setStoring] = useState<Storing>({ kind: 'idle' });
  const chosen = students.find(({ studentId }) => String(studentId) === student);

  async function store() {
    setStoring({ kind: 'running' });
    const { requestId, title, result, fen, moves, chances } = game;
    try {
      const stored = await props.onStore({
        requestId,
        title,
        result,
        fen,
        moves: [...moves],
        plies: chances.map(({ ply }) => ply),
        maxMoves: props.maxMoves,
        ...(chosen === undefined
          ? {}
          : { playedBy: { classId: chosen.classId, studentId: chosen.studentId, side } }),
      });
      setStoring(
        stored.ok
          ? { kind: 'stored', gameId: stored.value.gameId }
          : { kind: 'failed', fault: faultText(stored.error) },
      );
    } catch {
      // A server action rejects when the network or the server is away; the same id keeps the game once.
      setStoring({ kind: 'failed', fault: gamesText.noAnswerSavedOnce });
    }
  }

  const isOpen = storing.kind === 'idle' || storing.kind === 'failed';
  return (
    <li className={`${classes.card} ${classes.game}`}>
      <div className={classes.gameWords}>
        <h2>
          {game.number}. {game.title}
        </h2>
        <span className={classes.soft}>
          {countText(Math.ceil(game.moves.length / 2), 'move')}, {countText(game.chances.length, 'chance')}
        </span>
        {game.chances.slice(0, MOST_TOLD).map((chance) => (
          <p key={chance.ply}>
            {chancePlaceText(chance, game.fen)}: {chanceText(chance, chosen && { name: chosen.name, side })}
          </p>
        ))}
        {game.chances.length > MOST_TOLD && (
          <p className={classes.soft}>{gamesText.andMore(game.chances.length - MOST_TOLD)}</p>
        )}
        {game.fault !== undefined && <p role="alert">{gamesText.readUpHere(game.fault)}</p>}
      </div>
      {game.moves.length > 0 && (
        <div className={classes.row} style={{ alignItems: 'end' }}>
          <NativeSelect
            label={gamesText.whoseGame}
            aria-label={gamesText.whoseGameGame(game.number)}
            size="md"
            disabled={!isOpen}
            value={student}
            data={[
              { value: '', label: gamesText.noChild },
              ...students.map(({ studentId, name, className }) => ({
                value: String(studentId),
                label: `${name}, ${className}`,
              })),
            ]}
            onChange={({ currentTarget }) => setStudent(currentTarget.value)}
          />
          {chosen !== undefined && (
            <NativeSelect
              label={gamesText.played}
              size="md"
              disabled={!isOpen}
              value={side}
              data={SIDES.map((one) => ({ value: one, label: SIDE_WORDS[one] }))}
              onChange={({ currentTarget }) =>
                setSide(SIDES.find((one) => one === currentTarget.value) ?? 'white')
              }
            />
          )}
          {storing.kind === 'stored' ? (
            <span role="status">
              {gamesText.savedPrefix}
              <Link href={`/games/${storing.gameId}` as Route}>{gamesText.openGame}</Link>
            </span>
          ) : (
            <Button
              size="md"
              mih={44}
              loading={storing.kind === 'running'}
              aria-label={gamesText.saveGame(game.number)}
              onClick={() => void store()}
            >
              {gamesText.save}
            </Button>
          )}
          {storing.kind === 'failed' && <span role="alert">{storing.fault}</span>}
        </div>
      )}
    </li>
  );
}
