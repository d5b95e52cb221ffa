import type { Route } from 'next';
import Link from 'next/link';
import { listShownTags, type MateTag, type Sacrifice } from '@/core/patterns';
import { PATTERN_NAMES, sacrificeText } from '@/text';
import classes from './Desk.module.css';
import { useHouseVoice } from '@/ui/words';
import * as deskText from '@/text/screens/desk';

/** The names a proved mate earns, and what is given up on the way. */
export function MateNames(props: {
  readonly tags: readonly MateTag[] | undefined;
  /** By names of the club's own. */
  readonly ourTags: readonly MateTag<string>[] | undefined;
  readonly sacrifices: readonly Sacrifice[];
  readonly areLooseNamesShown: boolean;
}) {
  const { terms } = useHouseVoice();
  const { tags, ourTags = [], sacrifices, areLooseNamesShown } = props;
  const shown = tags && listShownTags(tags, areLooseNamesShown);
  return (
    <section className={classes.names}>
      {shown === undefined ? (
        <p className={classes.soft}>{deskText.namesNotKnown}</p>
      ) : (
        (['the', 'seen'] as const).map((how) => (
          <NameLine key={how} how={how} tags={shown.filter((tag) => tag.how === how)} />
        ))
      )}
      {ourTags.map(({ id, how }) => (
        <p key={id}>
          {how === 'the' ? deskText.yourClubCalls : deskText.yourClubCallsSomeLines}
          {id}.
        </p>
      ))}
      {sacrifices.map((sacrifice) => (
        <p key={sacrifice.ply}>{sacrificeText(sacrifice, terms)}</p>
      ))}
    </section>
  );
}

function NameLine({ how, tags }: { how: MateTag['how']; tags: readonly MateTag[] }) {
  if (tags.length === 0) return null;
  return (
    <p>
      {how === 'the' ? deskText.endsIn : deskText.someLines}
      {tags.map(({ id, reading }, index) => (
        <span key={id}>
          {index > 0 && ', '}
          <Link href={`/patterns/${id}` as Route}>{PATTERN_NAMES[id]}</Link>
          {reading === 'loose' && deskText.inABroadSense}
        </span>
      ))}
      .
    </p>
  );
}
