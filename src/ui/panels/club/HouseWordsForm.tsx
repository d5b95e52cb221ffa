'use client';
import { Button, Group, NativeSelect, Radio, Table, TextInput } from '@mantine/core';
import { useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import {
  HOUSE_TERMS,
  type HouseTerm,
  type HouseWord,
  type HouseWordsPage,
  type ReadingLevel,
  type SaveHouseWords,
} from '@/contracts/houseWords';
import type { Result } from '@/core/shared';
import { clashText, listWordClashes, makeTerms, plainWord } from '@/text';
import { useSending } from '@/ui/forms/useSending';
import pages from '@/ui/theme/page.module.css';
import * as clubText from '@/text/screens/club';

type Fields = Readonly<Partial<Record<HouseTerm, { readonly one: string; readonly many: string }>>>;

/** Men and places of which there are several, so that their plural may be irregular. */
const COUNTED = new Set<HouseTerm>([
  'pawn',
  'knight',
  'bishop',
  'rook',
  'queen',
  'king',
  'file',
  'rank',
  'diagonal',
]);

/** What the club and each class call things; two things with one name are told at once. */
export function HouseWordsForm(props: {
  readonly page: HouseWordsPage;
  readonly isLead: boolean;
  readonly onSave: (input: SaveHouseWords) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { page, isLead, onSave } = props;
  const [classId, setClassId] = useState('');
  const [stored, setStored] = useState(page);
  const chosen = stored.classes.find((one) => String(one.classId) === classId);
  const [fields, setFields] = useState<Fields>(() => toFields(page.club));
  const [readingLevel, setReadingLevel] = useState<ReadingLevel>('full');
  const { send, isBusy, status, clear } = useSending();
  const words = toWords(fields);
  const mayChange = isLead || chosen !== undefined;
  // A class speaks the words of the club where it has none of its own.
  const spoken =
    chosen === undefined
      ? words
      : [...words, ...stored.club.filter(({ term }) => !words.some((own) => own.term === term))];
  const clashes = listWordClashes(spoken);

  function choose(next: string) {
    const found = stored.classes.find((one) => String(one.classId) === next);
    setClassId(next);
    setFields(toFields(found?.words ?? stored.club));
    setReadingLevel(found?.readingLevel ?? 'full');
    clear();
  }

  function change(term: HouseTerm, part: 'one' | 'many', text: string) {
    setFields({ ...fields, [term]: { ...(fields[term] ?? { one: '', many: '' }), [part]: text } });
    clear();
  }

  async function save() {
    const saved = await send(
      () => onSave({ classId: chosen?.classId ?? null, words, readingLevel }),
      () => clubText.savedWordsFor(chosen?.name ?? clubText.wholeClub),
    );
    if (saved === undefined) return;
    const classes = stored.classes.map((one) => (one === chosen ? { ...one, words, readingLevel } : one));
    setStored(chosen === undefined ? { ...stored, club: words } : { ...stored, classes });
  }

  return (
    <section className={pages.card} style={{ marginTop: '1rem' }} aria-label={clubText.houseWords}>
      <h2>{clubText.houseWords}</h2>
      <p className={pages.soft} style={{ margin: '0 0 0.75rem' }}>
        {clubText.houseWordsHelp}
      </p>
      <NativeSelect
        label={clubText.wordsOf}
        size="md"
        maw="20rem"
        value={classId}
        onChange={(event) => choose(event.currentTarget.value)}
        data={[
          { value: '', label: clubText.wholeClubOption },
          ...stored.classes.map((one) => ({ value: String(one.classId), label: one.name })),
        ]}
      />
      {chosen !== undefined && (
        <Radio.Group
          label={clubText.howMuchExplained}
          mt="md"
          value={readingLevel}
          onChange={(value) => setReadingLevel(value === 'short' ? 'short' : 'full')}
        >
          <Group mt="xs">
            <Radio value="full" label={clubText.everyReason} />
            <Radio value="short" label={clubText.oneShortSentence} />
          </Group>
        </Radio.Group>
      )}
      <Table mt="md" verticalSpacing={4}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{clubText.standardWord}</Table.Th>
            <Table.Th>{clubText.yourWord}</Table.Th>
            <Table.Th>{clubText.plural}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {HOUSE_TERMS.map((term) => (
            <Table.Tr key={term}>
              <Table.Td>{plainWord(term)}</Table.Td>
              <Table.Td>
                <TextInput
                  aria-label={clubText.yourWordFor(plainWord(term))}
                  size="md"
                  maxLength={MOST_LETTERS.houseWord}
                  disabled={!mayChange || isBusy}
                  value={fields[term]?.one ?? ''}
                  onChange={(event) => change(term, 'one', event.currentTarget.value)}
                />
              </Table.Td>
              <Table.Td>
                {COUNTED.has(term) && (
                  <TextInput
                    aria-label={clubText.pluralOf(plainWord(term))}
                    size="md"
                    maxLength={MOST_LETTERS.houseWord}
                    placeholder={usualMany(term, fields[term]?.one ?? '')}
                    disabled={!mayChange || isBusy}
                    value={fields[term]?.many ?? ''}
                    onChange={(event) => change(term, 'many', event.currentTarget.value)}
                  />
                )}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <div role="status" style={{ minHeight: '3em', margin: '0.75rem 0' }}>
        {clashes.map((clash) => (
          <p key={clash.word} style={{ margin: 0 }}>
            {clubText.clashWarning(clashText(clash))}
          </p>
        ))}
        {mayChange ? status : clubText.onlyLeadClubCan}
      </div>
      <Button size="md" mih={44} disabled={!mayChange || isBusy} onClick={() => void save()}>
        {clubText.saveWords}
      </Button>
    </section>
  );
}

function toFields(words: readonly HouseWord[]): Fields {
  return Object.fromEntries(words.map(({ term, one, many = '' }) => [term, { one, many }]));
}

function toWords(fields: Fields): HouseWord[] {
  return HOUSE_TERMS.flatMap((term) => {
    const { one = '', many = '' } = fields[term] ?? {};
    if (one.trim() === '') return [];
    return [{ term, one: one.trim(), ...(many.trim() === '' ? {} : { many: many.trim() }) }];
  });
}

/** What is said of several when nothing else is written. */
const usualMany = (term: HouseTerm, one: string) => (one === '' ? '' : makeTerms([{ term, one }]).many(term));
