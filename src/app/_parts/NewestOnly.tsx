import { MOST_LISTED } from '@/contracts/bounds';
import pages from '@/ui/theme/page.module.css';
import * as shellText from '@/text/screens/shell';

/** Under a list that holds as many as a page shows: there may be more. */
export function NewestOnly({ count }: { readonly count: number }) {
  if (count < MOST_LISTED) return null;
  return <p className={pages.soft}>{shellText.onlyNewest(MOST_LISTED)}</p>;
}
