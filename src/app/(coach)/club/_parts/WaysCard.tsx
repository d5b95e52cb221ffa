'use client';
import { Checkbox, NativeSelect } from '@mantine/core';
import {
  ACCEPTANCES,
  NOTATION_GROUPS,
  type Acceptance,
  type NotationGroup,
  type NotationWays,
} from '@/core/exercises';
import styles from '../../../_parts/pages.module.css';
import * as clubText from '@/text/screens/club';

const GROUPS = Object.keys(NOTATION_GROUPS) as NotationGroup[];
const GROUP_WORDS: Readonly<Record<NotationGroup, string>> = {
  'check-signs': 'Check and mate signs missing or wrong',
  'capture-signs': 'The capture sign missing, wrong or different',
  castling: 'Castling with zeros, small letters or as a king move',
  promotion: 'Promotion written differently: e8Q, e8(Q)',
  letters: 'Small or foreign letters, pictures of pieces, a P for the pawn',
  'number-first': 'The number before the letter: 4e',
  'from-square': 'More than needed: where the piece comes from',
  words: 'Spoken words: knight takes e5',
  extras: 'Move numbers, stops, spaces, ! and ?',
};
const ACCEPTANCE_WORDS: Readonly<Record<Acceptance, string>> = {
  accept: 'Right, without a remark',
  remark: 'Right, with a remark',
  refuse: 'Not right yet',
};

/** How children of the club write moves: which form is taught, and what is said to the others. */
export function WaysCard(props: {
  readonly ways: NotationWays;
  readonly isDisabled: boolean;
  readonly onChange: (ways: NotationWays) => void;
}) {
  const { ways, isDisabled, onChange } = props;
  return (
    <section className={styles.card} style={{ marginTop: '1rem' }} aria-label={clubText.howMovesWritten}>
      <h2>{clubText.howMovesWritten}</h2>
      <p className={styles.soft} style={{ margin: '0 0 0.75rem' }}>
        {clubText.newExercisesEveryForm}
      </p>
      <NativeSelect
        label={clubText.weTeach}
        size="md"
        maw="24rem"
        disabled={isDisabled}
        value={ways.form}
        onChange={(event) =>
          onChange({ ...ways, form: event.currentTarget.value === 'long' ? 'long' : 'short' })
        }
        data={[
          { value: 'short', label: 'Where the piece goes: Nxe5' },
          { value: 'long', label: 'From where to where: Nf3xe5' },
        ]}
      />
      <Checkbox
        mt="sm"
        size="md"
        label={clubText.castlingZeros00}
        disabled={isDisabled}
        checked={ways.hasZeros}
        onChange={(event) => onChange({ ...ways, hasZeros: event.currentTarget.checked })}
      />
      <div
        style={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(20rem, 1fr))',
          gap: '0.75rem 1.25rem',
          alignItems: 'end',
          marginTop: '1rem',
        }}
      >
        {GROUPS.map((group) => (
          <NativeSelect
            key={group}
            label={GROUP_WORDS[group]}
            size="md"
            disabled={isDisabled}
            value={ways.groups[group] ?? 'remark'}
            onChange={(event) => {
              const said = ACCEPTANCES.find((one) => one === event.currentTarget.value);
              if (said !== undefined) onChange({ ...ways, groups: { ...ways.groups, [group]: said } });
            }}
            data={ACCEPTANCES.map((value) => ({ value, label: ACCEPTANCE_WORDS[value] }))}
          />
        ))}
      </div>
    </section>
  );
}
