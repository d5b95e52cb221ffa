import type { Metadata } from 'next';
import { findPosition } from '@/core/notation';
import { listOwnClubPatterns } from '@/server/services/clubPatterns';
import { getClubPage } from '@/server/services/clubs';
import { listOwnClasses } from '@/server/services/classes';
import { StaircaseMaker } from '@/ui/panels/staircase/StaircaseMaker';
import { LinkButton } from '../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { addPuzzleAction, addSetAction, giveSetAction } from '../sets/actions';
import * as staircaseText from '@/text/screens/staircase';

export const metadata: Metadata = { title: staircaseText.staircase };

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
      <div className={pages.head}>
        <div>
          <h1>{staircaseText.staircase}</h1>
          <span className={pages.soft}>{staircaseText.staircaseHelp}</span>
        </div>
        <LinkButton href={`/desk?fen=${encodeURIComponent(text)}`} variant="default">
          {staircaseText.backDesk}
        </LinkButton>
      </div>
      {findPosition(text) === undefined ? (
        <p className={pages.card}>{staircaseText.emptyHelp}</p>
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
