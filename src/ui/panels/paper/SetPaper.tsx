'use client';
import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import { DIAGRAMS_PER_SHEET, MOST_LARGE_DIAGRAMS } from '@/contracts/print';
import { countText, NAMES_FILE_CAUTION } from '@/text';
import classes from './Paper.module.css';
import { PaperFields } from './PaperFields';
import * as paperText from '@/text/screens/paper';

const KINDS = [
  { value: 'tasks', label: paperText.toSolve },
  { value: 'set-up', label: paperText.toSetUp },
];
const PARTS = [
  { value: 'both', label: paperText.sheetsThenKey },
  { value: 'sheets', label: paperText.onlySheets },
  { value: 'key', label: paperText.onlyKey },
];

/** How a set goes onto paper; the form's address is the PDF, so that the browser can show, save and print it. */
export function SetPaper(props: {
  readonly setId: number;
  readonly taskCount: number;
  /** Some tasks have words above their board, which take room. */
  readonly hasWords: boolean;
  /** How each class is called, and how many children are in it. */
  readonly groups: readonly {
    readonly classId: number;
    readonly name: string;
    readonly studentCount: number;
  }[];
  /** Today, as it is written on a sheet. */
  readonly date: string;
}) {
  const [kind, setKind] = useState('tasks');
  const [perSheet, setPerSheet] = useState(6);
  const [parts, setParts] = useState('both');
  const [isLarge, setIsLarge] = useState(false);
  const [classId, setClassId] = useState('');
  const [areNamed, setAreNamed] = useState(false);
  const group = props.groups.find((one) => String(one.classId) === classId);
  const isNamed = areNamed && group !== undefined;
  const fitting = isLarge ? Math.min(perSheet, MOST_LARGE_DIAGRAMS) : perSheet;
  const sheets = Math.ceil(props.taskCount / fitting);
  return (
    <form action={`/print/sets/${props.setId}`} target="_blank" className={classes.form}>
      <fieldset className={classes.group}>
        <legend>{paperText.tasks}</legend>
        <NativeSelect
          label={paperText.printed}
          name="kind"
          size="md"
          value={kind}
          data={KINDS}
          onChange={({ currentTarget }) => setKind(currentTarget.value)}
        />
        <NativeSelect
          label={paperText.boardsPerSheet}
          name="perSheet"
          size="md"
          value={String(perSheet)}
          data={DIAGRAMS_PER_SHEET.map(String)}
          onChange={({ currentTarget }) => setPerSheet(Number(currentTarget.value))}
        />
        <NativeSelect
          label={paperText.answers}
          name="parts"
          size="md"
          value={parts}
          data={PARTS}
          onChange={({ currentTarget }) => setParts(currentTarget.value)}
        />
        <Checkbox label={paperText.linesToWrite} name="lines" size="md" defaultChecked />
        <Checkbox
          label={paperText.largePrint}
          name="large"
          size="md"
          checked={isLarge}
          onChange={({ currentTarget }) => setIsLarge(currentTarget.checked)}
        />
      </fieldset>
      <fieldset className={classes.group}>
        <legend>{paperText.sheet}</legend>
        <PaperFields />
        <NativeSelect
          label={paperText.forClass}
          name="classId"
          size="md"
          value={classId}
          data={[
            { value: '', label: paperText.noClass },
            ...props.groups.map((one) => ({ value: String(one.classId), label: one.name })),
          ]}
          onChange={({ currentTarget }) => setClassId(currentTarget.value)}
        />
        <TextInput
          label={paperText.date}
          name="date"
          size="md"
          maxLength={MOST_LETTERS.printedDay}
          defaultValue={props.date}
        />
        <Checkbox
          label={paperText.oneForEachChild}
          name="names"
          size="md"
          disabled={group === undefined}
          checked={isNamed}
          onChange={({ currentTarget }) => setAreNamed(currentTarget.checked)}
        />
      </fieldset>
      <p role="status" className={classes.said}>
        {sheetsText(sheets, parts, isNamed ? group.studentCount : undefined)} {isNamed && NAMES_FILE_CAUTION}
        {(props.hasWords || kind === 'set-up') && parts !== 'key' && paperText.manyWords}
      </p>
      <Button type="submit" size="md" mih={44}>
        {paperText.makePdf}
      </Button>
    </form>
  );
}

function sheetsText(sheets: number, parts: string, copies: number | undefined): string {
  if (parts === 'key') return paperText.keyOnly;
  const each = countText(sheets, 'sheet');
  const all = copies === undefined ? each : paperText.forEachOf(each, countText(copies, 'child'));
  return parts === 'both' ? paperText.withKeyBehind(all) : `${all}.`;
}
