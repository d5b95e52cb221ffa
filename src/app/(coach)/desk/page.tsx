import type { Metadata } from 'next';
import { parseFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import { listOwnSets } from '@/server/services/sets';
import { Desk } from '@/ui/panels/desk';
import { addPuzzleAction, addSetAction } from '../sets/actions';
import { getPageCoach } from '../_parts/coachPage';

export const metadata: Metadata = { title: 'Desk' };

/** `?fen=` opens the Desk with that position; a bad one opens it empty. */
export default async function DeskPage({ searchParams }: PageProps<'/desk'>) {
  const actor = await getPageCoach();
  const { fen } = await searchParams;
  const draft = parseFen(typeof fen === 'string' ? fen : '');
  const sets = await listOwnSets(actor);
  return (
    <Desk
      initial={draft.ok ? draft.value : EMPTY_DRAFT}
      sets={sets.map(({ setId, name }) => ({ setId, name }))}
      actions={{ addPuzzle: addPuzzleAction, addSet: addSetAction }}
    />
  );
}
