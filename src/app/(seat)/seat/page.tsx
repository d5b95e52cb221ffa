import type { Metadata } from 'next';
import { getSeatNews } from '@/server/services/live';
import { getSeatHome } from '@/server/services/seat';
import { LeaveButton } from '@/ui/offline';
import { SchemeButton } from '@/ui/theme/SchemeButton';
import { leaveSeat } from '../../(public)/join/actions';
import { AutoRefresh } from '../../_parts/AutoRefresh';
import { LinkButton } from '../../_parts/LinkButton';
import styles from '../../_parts/pages.module.css';
import { getPageStudent } from '../_parts/seatPage';

/** A lesson that begins is seen within so long. */
const REFRESH_MS = 4000;

export const metadata: Metadata = { title: 'My place' };

export default async function SeatHomePage() {
  const actor = await getPageStudent();
  const [home, { isLive }] = await Promise.all([getSeatHome(actor), getSeatNews(actor)]);
  return (
    <div className={styles.seatPage}>
      <div className={styles.head}>
        <h1>Hello {home.studentName}.</h1>
        <div className={styles.row}>
          <LinkButton href="/seat/path" mih={56}>
            My path
          </LinkButton>
          <LinkButton href="/seat/pawns" variant="default" mih={56}>
            Pawns only
          </LinkButton>
          <SchemeButton />
          <LeaveButton leave={leaveSeat} />
        </div>
      </div>
      <AutoRefresh everyMs={REFRESH_MS} />
      <div className={styles.card} style={{ marginBottom: '1rem' }}>
        <div className={styles.head} style={{ margin: 0, alignItems: 'center' }}>
          <span role="status">
            {isLive ? 'Your class is at the board.' : 'Your class is not at the board now.'}
          </span>
          <LinkButton href="/seat/lesson" size="lg" mih={56} variant={isLive ? 'filled' : 'default'}>
            To the board
          </LinkButton>
        </div>
      </div>
      {home.assignments.length === 0 && (
        <p className={styles.card}>Nothing lies on your place yet. Your coach will give you something.</p>
      )}
      <ul className={styles.stack} style={{ listStyle: 'none', padding: 0, margin: 0 }}>
        {home.assignments.map(({ assignmentId, setName, puzzleCount, solvedCount }) => (
          <li key={assignmentId} className={styles.card}>
            <div className={styles.head} style={{ margin: 0, alignItems: 'center' }}>
              <span>
                <h2 style={{ margin: 0 }}>{setName}</h2>
                <span className={styles.soft}>
                  {solvedCount} of {puzzleCount} solved
                </span>
              </span>
              <LinkButton href={`/seat/${assignmentId}`} size="lg" mih={56}>
                {solvedCount === 0 ? 'Start' : solvedCount < puzzleCount ? 'Go on' : 'Look again'}
              </LinkButton>
            </div>
          </li>
        ))}
      </ul>
    </div>
  );
}
