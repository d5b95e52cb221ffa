import type { Metadata } from 'next';
import Link from 'next/link';
import { listOwnGames } from '@/server/services/games';
import { countText, resultText } from '@/text';
import { LinkButton } from '../../_parts/LinkButton';
import { NewestOnly } from '../../_parts/NewestOnly';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../_parts/coachPage';
import * as gamesText from '@/text/screens/games';

export const metadata: Metadata = { title: gamesText.games };

export default async function GamesPage() {
  const games = await listOwnGames(await getPageCoach());
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{gamesText.games}</h1>
          <span className={pages.soft}>{gamesText.gamesHelp}</span>
        </div>
        <LinkButton href="/games/import">{gamesText.importGames}</LinkButton>
      </div>
      {games.length === 0 ? (
        <p className={pages.card}>{gamesText.noGames}</p>
      ) : (
        <section className={pages.card}>
          <ul className={pages.list}>
            {games.map(({ gameId, title, result, plies, studentName, chances }) => (
              <li key={gameId}>
                <Link href={`/games/${gameId}`}>{title}</Link>
                <span className={pages.soft}>
                  {studentName === undefined ? '' : gamesText.gameOfInline(studentName)}
                  {countText(Math.ceil(plies / 2), 'move')}, {resultText(result)},{' '}
                  {countText(chances, 'chance')}
                </span>
              </li>
            ))}
          </ul>
          <NewestOnly count={games.length} />
        </section>
      )}
    </>
  );
}
