import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { gameIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getGamePage } from '@/server/services/games';
import { listOwnSets } from '@/server/services/sets';
import { resultText } from '@/text';
import { GameView } from '@/ui/panels/games/GameView';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addPuzzleAction, addSetAction } from '../../sets/actions';
import { removeGameAction } from '../actions';
import * as gamesText from '@/text/screens/games';

export const metadata: Metadata = { title: gamesText.pageTitle };

export default async function GamePage({ params }: PageProps<'/games/[gameId]'>) {
  const actor = await getPageCoach();
  const gameId = parseInput(gameIdSchema, (await params).gameId);
  const page = gameId.ok ? await getGamePage(actor, gameId.value) : gameId;
  if (!page.ok) notFound();
  const sets = await listOwnSets(actor);
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{page.value.title}</h1>
          <span className={pages.soft}>
            {page.value.studentName === undefined ? '' : gamesText.gameOf(page.value.studentName)}
            {resultText(page.value.result)}
          </span>
        </div>
        <LinkButton href="/games" variant="default">
          {gamesText.allGames}
        </LinkButton>
      </div>
      <GameView
        game={page.value}
        sets={sets.map(({ setId, name }) => ({ setId, name }))}
        actions={{ addSet: addSetAction, addPuzzle: addPuzzleAction, removeGame: removeGameAction }}
      />
    </>
  );
}
