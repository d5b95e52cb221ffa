import type { Metadata } from 'next';
import { getStudentPath } from '@/server/services/paths';
import { gapText, nextRoundText, stageName, masteryStateText } from '@/text';
import { SeatLink } from '../../_parts/SeatLink';
import { getPageStudent } from '../../_parts/seatPage';
import { startNextRoundAction, startPracticeAction } from './actions';
import { PractiseButton } from './_parts/PractiseButton';
import styles from './path.module.css';
import pages from '@/ui/theme/page.module.css';
import { getSeatTerms } from '@/server/services/houseWords';
import * as seatPagesText from '@/text/screens/seatPages';

export const metadata: Metadata = { title: seatPagesText.myPath };

/** The child's way: where I am, what is next, what to look at once more. */
export default async function PathPage() {
  const actor = await getPageStudent();
  const { stages, next, nextRound } = await getStudentPath(actor);
  const terms = await getSeatTerms(actor);
  return (
    <div className={pages.seatPage}>
      <div className={pages.head}>
        <h1>{seatPagesText.myPath}</h1>
        <SeatLink href="/seat" variant="default">
          {seatPagesText.myPlace}
        </SeatLink>
      </div>
      {next === undefined && <p className={pages.card}>{seatPagesText.youCanDoAll}</p>}
      {nextRound.length > 0 && (
        <div className={pages.card} style={{ marginBottom: '1rem' }}>
          <div className={pages.head} style={{ margin: 0, alignItems: 'center' }}>
            <span>
              <h2 style={{ margin: 0 }}>{seatPagesText.myNextRound}</h2>
              <span className={pages.soft}>{nextRoundText(nextRound)}</span>
            </span>
            <PractiseButton
              label={seatPagesText.begin}
              says={seatPagesText.beginMyNextRound}
              isNext
              onStart={startNextRoundAction}
            />
          </div>
        </div>
      )}
      <ol className={styles.path}>
        {stages.map(({ stage, masteryState, gaps }) => (
          <li
            key={stage}
            className={styles.stage}
            data-mastery={masteryState}
            aria-current={stage === next ? 'step' : undefined}
          >
            <span className={styles.sign} aria-hidden>
              {SIGNS[masteryState]}
            </span>
            <span className={styles.words}>
              <strong>{stageName(stage, terms)}</strong>
              <span>
                {stage === next ? seatPagesText.nextPrefix : ''}
                {masteryStateText(masteryState)}
              </span>
              {masteryState === 'begun' && gaps.length > 0 && (
                <span className={pages.soft}>{gapText(gaps, terms)}</span>
              )}
            </span>
            <PractiseButton
              stage={stage}
              label={seatPagesText.practise}
              says={seatPagesText.practiseStage(stageName(stage, terms))}
              isNext={stage === next}
              onStart={startPracticeAction}
            />
          </li>
        ))}
      </ol>
    </div>
  );
}

/** By shape: an open square, a half one, a turn back, a full one. */
const SIGNS = { 'not-begun': '□', begun: '◧', repeat: '↺', can: '■' } as const;
