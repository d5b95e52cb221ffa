'use client';
import { Button, Group, NativeSelect, NumberInput, Radio, Stack, Switch } from '@mantine/core';
import { useState } from 'react';
import type { ClubSettings } from '@/contracts/clubs';
import type { ServiceFault } from '@/contracts/faults';
import { KEY_LENGTHS, type KeyLength } from '@/contracts/people';
import type { MateCount } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { FORCING_KINDS } from '@/core/proof';
import { FORCING_WORDS } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { USUAL_WAYS } from '@/core/exercises';
import { useSending } from '@/ui/forms/useSending';
import { WaysCard } from './WaysCard';
import pages from '@/ui/theme/page.module.css';
import * as clubText from '@/text/screens/club';

const COUNTS: readonly { readonly value: MateCount; readonly label: string; readonly meaning: string }[] = [
  {
    value: 'full',
    label: clubText.withEveryBlock,
    meaning: clubText.everyBlockHelp,
  },
  {
    value: 'no-blocks',
    label: clubText.withoutPointlessBlocks,
    meaning: clubText.withoutPointlessBlocksHelp,
  },
];

const KEY_LENGTH_WORDS: Readonly<Record<KeyLength, string>> = {
  3: clubText.keyOf3,
  4: clubText.keyOf4,
  5: clubText.keyOf5,
};

/** Every order of the three kinds. */
const READING_ORDERS = FORCING_KINDS.flatMap((first) =>
  FORCING_KINDS.filter((kind) => kind !== first).map((second) => [
    first,
    second,
    ...FORCING_KINDS.filter((kind) => kind !== first && kind !== second),
  ]),
);

/** Men that have a price. */
const VALUED = ['pawn', 'knight', 'bishop', 'rook', 'queen'] as const;

/** Each choice is stored as it is made. */
export function ClubForm(props: {
  readonly settings: ClubSettings;
  readonly mayChange: boolean;
  readonly onChange: (settings: ClubSettings) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { mayChange, onChange } = props;
  const [settings, setSettings] = useState(props.settings);
  const [values, setValues] = useState(props.settings.values);
  const { send, isBusy, status } = useSending();
  const { terms } = useHouseVoice();

  async function save(next: ClubSettings) {
    const before = settings;
    setSettings(next);
    const saved = await send(
      () => onChange(next),
      () => clubText.savedFromNextAnswer,
    );
    // What is shown is what is stored.
    if (saved === undefined) setSettings(before);
  }
  const change = (next: ClubSettings) => void save(next);

  return (
    <>
      <section className={pages.card}>
        <h2>{clubText.howLengthMateCounted}</h2>
        <Radio.Group
          value={settings.mateCount}
          onChange={(value) => change({ ...settings, mateCount: value })}
          description={clubText.mateLengthHelp}
          aria-label={clubText.howLengthMateCounted}
        >
          <Stack gap="xs" mt="sm">
            {COUNTS.map(({ value, label, meaning }) => (
              <Radio.Card key={value} value={value} disabled={!mayChange || isBusy} p="sm">
                <Group wrap="nowrap" align="flex-start">
                  <Radio.Indicator size="md" />
                  <div>
                    {label}
                    <br />
                    <span className={pages.soft}>{meaning}</span>
                  </div>
                </Group>
              </Radio.Card>
            ))}
          </Stack>
        </Radio.Group>
      </section>
      <section className={pages.card} style={{ marginTop: '1rem' }}>
        <h2>{clubText.pieceValues}</h2>
        <p className={pages.soft} style={{ margin: '0 0 0.75rem' }}>
          {clubText.pieceValuesHelp}
        </p>
        <Group gap="md" align="flex-end">
          {VALUED.map((role) => (
            <NumberInput
              key={role}
              label={terms.one(role)}
              size="md"
              w="7rem"
              min={0}
              max={20}
              step={0.25}
              decimalScale={2}
              disabled={!mayChange || isBusy}
              value={values[role]}
              onChange={(value) => {
                if (typeof value === 'number') setValues({ ...values, [role]: value });
              }}
            />
          ))}
          <Button
            size="md"
            mih={44}
            disabled={!mayChange || isBusy || VALUED.every((role) => values[role] === settings.values[role])}
            onClick={() => change({ ...settings, values })}
          >
            {clubText.savePoints}
          </Button>
        </Group>
      </section>
      <WaysCard
        ways={settings.ways ?? USUAL_WAYS}
        isDisabled={!mayChange || isBusy}
        onChange={(ways) => change({ ...settings, ways })}
      />
      <section className={pages.card} style={{ marginTop: '1rem' }}>
        <h2>{clubText.pictureKeys}</h2>
        <p className={pages.soft} style={{ margin: '0 0 0.75rem' }}>
          {clubText.pictureKeysHelp}
        </p>
        <NativeSelect
          label={clubText.picturesKey}
          size="md"
          maw="28rem"
          disabled={!mayChange || isBusy}
          value={String(settings.keyLength)}
          data={KEY_LENGTHS.map((length) => ({ value: String(length), label: KEY_LENGTH_WORDS[length] }))}
          onChange={({ currentTarget }) => {
            const keyLength = KEY_LENGTHS.find((length) => String(length) === currentTarget.value);
            if (keyLength !== undefined) change({ ...settings, keyLength });
          }}
        />
      </section>
      <section className={pages.card} style={{ marginTop: '1rem' }}>
        <h2>{clubText.forcingMoves}</h2>
        <NativeSelect
          label={clubText.readingOrder}
          size="md"
          maw="28rem"
          disabled={!mayChange || isBusy}
          value={settings.readingOrder.join(' ')}
          data={READING_ORDERS.map((order) => ({
            value: order.join(' '),
            label: order.map((kind) => FORCING_WORDS[kind]).join(', '),
          }))}
          onChange={({ currentTarget }) => {
            const order = READING_ORDERS.find((one) => one.join(' ') === currentTarget.value);
            if (order !== undefined) change({ ...settings, readingOrder: [...order] });
          }}
        />
      </section>
      <section className={pages.card} style={{ marginTop: '1rem' }}>
        <h2>{clubText.namesMates}</h2>
        <p className={pages.soft} style={{ margin: '0 0 0.75rem' }}>
          {clubText.mateNamesHelp}
        </p>
        <Switch
          size="md"
          label={clubText.showBroadMeaningsToo}
          disabled={!mayChange || isBusy}
          checked={settings.areLooseNamesShown}
          onChange={({ currentTarget }) => change({ ...settings, areLooseNamesShown: currentTarget.checked })}
        />
      </section>
      <p role="status" style={{ minHeight: '1.5em', margin: '0.75rem 0 0' }}>
        {mayChange ? status : clubText.onlyLeadClubCan}
      </p>
    </>
  );
}
