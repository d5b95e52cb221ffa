import { Button } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import type { MateTag, Sacrifice } from '@/core/patterns';
import { PATTERN_WORDS, sacrificeText } from '@/text';
import classes from './Desk.module.css';

/** The names a proved mate earns, what is given up on the way, and the way to its staircase. */
export function MateNames(props: {
  readonly fen: string;
  readonly tags: readonly MateTag[] | undefined;
  readonly sacrifices: readonly Sacrifice[];
}) {
  const { fen, tags, sacrifices } = props;
  return (
    <section className={classes.names}>
      <div>
        {tags === undefined ? (
          <p className={classes.soft}>Its names are not worked out: the tree is larger than was looked at.</p>
        ) : (
          (['the', 'seen'] as const).map((how) => (
            <NameLine key={how} how={how} tags={tags.filter((tag) => tag.how === how)} />
          ))
        )}
        {sacrifices.map((sacrifice) => (
          <p key={sacrifice.ply}>{sacrificeText(sacrifice)}</p>
        ))}
      </div>
      <Button
        component={Link}
        href={`/staircase?fen=${encodeURIComponent(fen)}` as Route}
        variant="default"
        mih={44}
      >
        Staircase
      </Button>
    </section>
  );
}

function NameLine({ how, tags }: { how: MateTag['how']; tags: readonly MateTag[] }) {
  if (tags.length === 0) return null;
  return (
    <p>
      {how === 'the' ? 'Ends in: ' : 'Seen in some lines: '}
      {tags.map(({ id, reading }, index) => (
        <span key={id}>
          {index > 0 && ', '}
          <Link href={`/patterns/${id}` as Route}>{PATTERN_WORDS[id].name}</Link>
          {reading === 'loose' && ' (in a broad sense)'}
        </span>
      ))}
      .
    </p>
  );
}
