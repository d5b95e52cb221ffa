import type { Metadata } from 'next';
import Link from 'next/link';
import { listOwnGames } from '@/server/services/games';
import { countWords, resultText } from '@/text';
import { LinkButton } from '../../_parts/LinkButton';
import { NewestOnly } from '../../_parts/NewestOnly';
import styles from '../../_parts/pages.module.css';
import { getPageCoach } from '../_parts/coachPage';

export const metadata: Metadata = { title: 'Games' };

export default async function GamesPage() {
  const games = await listOwnGames(await getPageCoach());
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>Games</h1>
          <span className={styles.soft}>Games of your children and others, with their key moments.</span>
        </div>
        <LinkButton href="/games/import">Import games</LinkButton>
      </div>
      {games.length === 0 ? (
        <p className={styles.card}>
          There are no games yet. Import a score sheet or a PGN file: every position is looked at, and the
          mates and men that could be won are kept.
        </p>
      ) : (
        <section className={styles.card}>
          <ul className={styles.list}>
            {games.map(({ gameId, title, result, plies, studentName, chances }) => (
              <li key={gameId}>
                <Link href={`/games/${gameId}`}>{title}</Link>
                <span className={styles.soft}>
                  {studentName === undefined ? '' : `a game of ${studentName}, `}
                  {countWords(Math.ceil(plies / 2), 'move')}, {resultText(result)},{' '}
                  {countWords(chances, 'chance')}
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
