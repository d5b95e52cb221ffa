import type { Metadata } from 'next';
import { listOwnClubPatterns } from '@/server/services/clubPatterns';
import { getClubPage } from '@/server/services/clubs';
import { listOwnSets } from '@/server/services/sets';
import { Desk } from '@/ui/panels/desk';
import { addPuzzleAction, addQuestionAction, addSetAction } from '../sets/actions';
import { addClubPatternAction } from '../patterns/actions';
import { getPageCoach } from '../_parts/coachPage';
import * as deskText from '@/text/screens/desk';

export const metadata: Metadata = { title: deskText.desk };

/** `?fen=` opens the Desk with that position; a bad one opens it empty. */
export default async function DeskPage({ searchParams }: PageProps<'/desk'>) {
  const actor = await getPageCoach();
  const { fen } = await searchParams;
  const [sets, { settings }, clubPatterns] = await Promise.all([
    listOwnSets(actor),
    getClubPage(actor),
    listOwnClubPatterns(actor),
  ]);
  return (
    <Desk
      initialFen={typeof fen === 'string' ? fen : ''}
      clubPatterns={clubPatterns}
      areLooseNamesShown={settings.areLooseNamesShown}
      readingOrder={settings.readingOrder}
      sets={sets.map(({ setId, name }) => ({ setId, name }))}
      values={settings.values}
      ways={settings.ways}
      actions={{
        addPuzzle: addPuzzleAction,
        addQuestion: addQuestionAction,
        addSet: addSetAction,
        addClubPattern: addClubPatternAction,
      }}
    />
  );
}
