'use client';
import { Checkbox, NativeSelect } from '@mantine/core';
import {
  ACCEPTANCES,
  NOTATION_GROUPS,
  type Acceptance,
  type NotationGroup,
  type NotationWays,
} from '@/core/exercises';
import pages from '@/ui/theme/page.module.css';
import * as clubText from '@/text/screens/club';

const GROUPS = Object.keys(NOTATION_GROUPS) as NotationGroup[];
const GROUP_WORDS: Readonly<Record<NotationGroup, string>> = {
  'check-signs': clubText.checkSigns,
  'capture-signs': clubText.captureSign,
  castling: clubText.castlingForms,
  promotion: clubText.promotionForms,
  letters: clubText.otherLetters,
  'number-first': clubText.numberFirst,
  'from-square': clubText.moreThanNeeded,
  words: clubText.spokenWords,
  extras: clubText.numbersAndMarks,
};
const ACCEPTANCE_WORDS: Readonly<Record<Acceptance, string>> = {
  accept: clubText.rightWithoutRemark,
  remark: clubText.rightWithRemark,
  refuse: clubText.notRightYet,
};

/** How children of the club write moves: which form is taught, and what is said to the others. */
export function WaysCard(props: {
  readonly ways: NotationWays;
  readonly isDisabled: boolean;
  readonly onChange: (ways: NotationWays) => void;
}) {
  const { ways, isDisabled, onChange } = props;
  return (
    <section className={pages.card} style={{ marginTop: '1rem' }} aria-label={clubText.notation}>
      <h2>{clubText.notation}</h2>
      <p className={pages.soft} style={{ margin: '0 0 0.75rem' }}>
        {clubText.notationHelp}
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
          { value: 'short', label: clubText.shortForm },
          { value: 'long', label: clubText.longForm },
        ]}
      />
      <Checkbox
        mt="sm"
        size="md"
        label={clubText.castlingWithZeros}
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
