'use client';
import { Button, Checkbox } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { GamePage } from '@/contracts/games';
import { getMove, getPosition, makeFen, listNumberedMoves } from '@/core/notation';
import { playMove, type Position } from '@/core/rules';
import type { Result } from '@/core/shared';
import { chanceLineText, chancePlaceText, chanceText, faultText, listWords } from '@/text';
import { DiagramPicture } from '@/ui/board';
import type { AddSet, SetChoice } from '@/ui/forms/chosenSet';
import type { AddPuzzle } from '@/ui/forms/storePuzzles';
import { StoreChosen } from '../puzzles/StoreChosen';
import classes from './Games.module.css';
import * as gamesText from '@/text/screens/games';
import * as commonText from '@/text/screens/common';

type ToldChance = GamePage['chances'][number];

/** A game to step through, what it held, and its mates to be made puzzles of. */
export function GameView(props: {
  readonly game: GamePage;
  readonly sets: readonly SetChoice[];
  readonly actions: {
    readonly addSet: AddSet;
    readonly addPuzzle: AddPuzzle;
    readonly removeGame: (input: { gameId: number }) => Promise<Result<undefined, ServiceFault>>;
  };
}) {
  const { game } = props;
  const [ply, setPly] = useState(game.chances[0]?.ply ?? 0);
  const [chosen, setChosen] = useState<readonly string[]>(() =>
    game.chances.filter(isFreshMate).map(({ fen }) => fen),
  );
  const positions = useMemo(() => listPositions(game), [game]);
  const mates = game.chances.filter(({ kind }) => kind === 'mate');
  const go = (to: number) => setPly(Math.min(game.moves.length, Math.max(0, to)));
  useHotkeys([
    ['ArrowRight', () => go(ply + 1)],
    ['ArrowLeft', () => go(ply - 1)],
    ['Home', () => go(0)],
    ['End', () => go(game.moves.length)],
  ]);
  return (
    <div className={classes.view}>
      <Replay game={game} positions={positions} ply={ply} onPly={go} />
      <section className={classes.card}>
        <h2>{gamesText.keyMoments}</h2>
        {game.chances.length === 0 && <p>{gamesText.noKeyMoments}</p>}
        <ol className={classes.list} style={{ gap: 0 }}>
          {game.chances.map((chance) => (
            <ChanceRow
              key={chance.ply}
              game={game}
              chance={chance}
              onShow={() => go(chance.ply)}
              isChosen={chosen.includes(chance.fen)}
              onChosen={(isChosen) =>
                setChosen(isChosen ? [...chosen, chance.fen] : chosen.filter((fen) => fen !== chance.fen))
              }
            />
          ))}
        </ol>
        {mates.length > 0 && (
          <StoreChosen
            fens={mates.map(({ fen }) => fen).filter((fen) => chosen.includes(fen))}
            sets={props.sets}
            actions={props.actions}
          />
        )}
        <RemoveGame gameId={game.gameId} onRemove={props.actions.removeGame} />
      </section>
    </div>
  );
}

/** Not in a set yet, and not seen by who had it. */
const isFreshMate = (chance: ToldChance) =>
  chance.kind === 'mate' && chance.sets.length === 0 && chance.became !== 'played';

/** The position before each move, and the last one. */
function listPositions({ fen, moves }: GamePage): readonly Position[] {
  const positions = [getPosition(fen)];
  for (const move of moves) {
    const at = positions.at(-1);
    if (at !== undefined) positions.push(playMove(at, getMove(move)));
  }
  return positions;
}

function Replay(props: {
  readonly game: GamePage;
  readonly positions: readonly Position[];
  readonly ply: number;
  readonly onPly: (ply: number) => void;
}) {
  const { game, positions, ply, onPly } = props;
  const words = useMemo(() => {
    const start = getPosition(game.fen);
    return listNumberedMoves(start, game.moves.map(getMove), start.fullmoves);
  }, [game]);
  const now = useRef<HTMLSpanElement>(null);
  // The list scrolls to the move; the page stays where it is.
  useEffect(() => {
    const list = now.current?.parentElement;
    if (list && now.current) list.scrollTop = now.current.offsetTop - list.clientHeight / 2;
  }, [ply]);
  const position = positions[ply];
  if (position === undefined) return null;
  const played = ply === 0 ? undefined : game.moves[ply - 1];
  const last = played === undefined ? undefined : getMove(played);
  return (
    <section className={classes.card} aria-label={gamesText.theGame}>
      <DiagramPicture
        diagram={{
          board: position.board,
          turn: position.turn,
          bottom: game.side ?? 'white',
          trace: last,
        }}
        title={gamesText.positionAfter(ply === 0 ? gamesText.noMove : (words[ply - 1] ?? ''))}
      />
      {/* A long game scrolls, so the keyboard can come to it. */}
      <div className={classes.moves} role="group" aria-label={gamesText.moves} tabIndex={0}>
        {words.map((word, index) => (
          <span
            key={index}
            ref={index + 1 === ply ? now : null}
            className={`${classes.ply} ${index + 1 === ply ? classes.now : ''}`}
          >
            {word}{' '}
          </span>
        ))}
      </div>
      <div className={classes.row}>
        <Button variant="default" mih={44} disabled={ply === 0} onClick={() => onPly(0)}>
          {gamesText.toTheStart}
        </Button>
        <Button variant="default" mih={44} disabled={ply === 0} onClick={() => onPly(ply - 1)}>
          {gamesText.stepBack}
        </Button>
        <Button mih={44} disabled={ply >= game.moves.length} onClick={() => onPly(ply + 1)}>
          {gamesText.stepOn}
        </Button>
        <Link href={`/desk?fen=${encodeURIComponent(makeFen(position))}`}>{gamesText.openOnDesk}</Link>
      </div>
    </section>
  );
}

function ChanceRow(props: {
  readonly game: GamePage;
  readonly chance: ToldChance;
  readonly onShow: () => void;
  readonly isChosen: boolean;
  readonly onChosen: (isChosen: boolean) => void;
}) {
  const { game, chance } = props;
  const place = chancePlaceText(chance, game.fen);
  const { studentName, side } = game;
  return (
    <li className={classes.chance}>
      <div className={classes.row} style={{ justifyContent: 'space-between' }}>
        <strong>{place}</strong>
        <Button variant="default" mih={44} aria-label={gamesText.showPlace(place)} onClick={props.onShow}>
          {gamesText.show}
        </Button>
      </div>
      <span>
        {chanceText(
          chance,
          studentName === undefined || side === undefined ? undefined : { name: studentName, side },
        )}
      </span>
      <span className={classes.soft}>{chanceLineText(chance, game.fen)}</span>
      {chance.kind === 'mate' && (
        <Checkbox
          size="md"
          label={
            chance.sets.length === 0
              ? gamesText.turnIntoPuzzle
              : gamesText.turnIntoPuzzleAlready(listWords(chance.sets))
          }
          checked={props.isChosen}
          onChange={({ currentTarget }) => props.onChosen(currentTarget.checked)}
        />
      )}
    </li>
  );
}

function RemoveGame(props: {
  readonly gameId: number;
  readonly onRemove: (input: { gameId: number }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const router = useRouter();
  const [isAsked, setIsAsked] = useState(false);
  const [said, setSaid] = useState('');

  async function remove() {
    try {
      const removed = await props.onRemove({ gameId: props.gameId });
      if (removed.ok) router.push('/games');
      else setSaid(faultText(removed.error));
    } catch {
      // A server action rejects when the network or the server is away.
      setSaid(commonText.noAnswerNothingChanged);
    }
  }

  return (
    <div className={classes.row} style={{ marginTop: '1rem' }}>
      {isAsked ? (
        <>
          <span>{gamesText.deleteGameQuestion}</span>
          <Button color="clay" mih={44} onClick={() => void remove()}>
            {commonText.deleteButton}
          </Button>
          <Button variant="default" mih={44} onClick={() => setIsAsked(false)}>
            {commonText.cancel}
          </Button>
        </>
      ) : (
        <Button variant="subtle" color="clay" mih={44} onClick={() => setIsAsked(true)}>
          {gamesText.deleteGame}
        </Button>
      )}
      <span role="alert">{said}</span>
    </div>
  );
}
