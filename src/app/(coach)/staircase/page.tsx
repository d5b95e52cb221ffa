import type { Metadata } from 'next';
import { findPosition } from '@/core/notation';
import { listOwnClubPatterns } from '@/server/services/clubPatterns';
import { getClubPage } from '@/server/services/clubs';
import { listOwnClasses } from '@/server/services/classes';
import { StaircaseMaker } from '@/ui/panels/staircase/StaircaseMaker';
import { LinkButton } from '../../_parts/LinkButton';
import styles from '../../_parts/pages.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { addPuzzleAction, addSetAction, giveSetAction } from '../sets/actions';

export const metadata: Metadata = { title: 'Staircase' };

/** `?fen=` is the mate the stairs lead up to. */
export default async function StaircasePage({ searchParams }: PageProps<'/staircase'>) {
  const actor = await getPageCoach();
  const { fen } = await searchParams;
  const text = typeof fen === 'string' ? fen : '';
  const [classes, { settings }, ours] = await Promise.all([
    listOwnClasses(actor),
    getClubPage(actor),
    listOwnClubPatterns(actor),
  ]);
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>Staircase</h1>
          <span className={styles.soft}>
            The last move first, then the last two, and so on up to the whole mate. Every stair is a puzzle of
            its own, proved.
          </span>
        </div>
        <LinkButton href={`/desk?fen=${encodeURIComponent(text)}`} variant="default">
          Back to the Desk
        </LinkButton>
      </div>
      {findPosition(text) === undefined ? (
        <p className={styles.card}>
          A staircase leads up to a mate. Set one up on the Desk, prove it, and press Staircase there.
        </p>
      ) : (
        <StaircaseMaker
          key={text}
          fen={text}
          ours={ours.map(({ name, picture }) => ({ name, picture }))}
          areLooseNamesShown={settings.areLooseNamesShown}
          classes={classes.map(({ classId, name }) => ({ classId, name }))}
          actions={{ addSet: addSetAction, addPuzzle: addPuzzleAction, giveSet: giveSetAction }}
        />
      )}
    </>
  );
}
