'use client';
import { Button, NativeSelect, Textarea } from '@mantine/core';
import { Dropzone } from '@mantine/dropzone';
import { getHotkeyHandler } from '@mantine/hooks';
import { useState } from 'react';
import classes from './FileOrText.module.css';
import * as formsText from '@/text/screens/forms';
import * as commonText from '@/text/screens/common';

const MEGABYTE = 1_048_576;
const MOST_BYTES = 20 * MEGABYTE;

/** Lengths of mates that are looked for in what is brought in. */
export const SOUGHT_LENGTHS = [1, 2, 3, 4, 5] as const;
const USUAL_LENGTH = 3;

/**
 * A file, dropped or chosen, or a text that is pasted, and the longest mate that is looked for in it. A file that is too large is refused
 * with its sentence.
 */
export function FileOrText(props: {
  readonly fileLabel: string;
  /** What kinds of files. */
  readonly fileWords: string;
  readonly textLabel: string;
  readonly textWords: string;
  /** On the button that reads the text. */
  readonly button: string;
  readonly isRunning: boolean;
  readonly onRead: (bytes: Uint8Array, maxMoves: number) => void;
  readonly onRefuse: (why: string) => void;
  readonly onStop: () => void;
}) {
  const { isRunning, onRead } = props;
  const [text, setText] = useState('');
  const [maxMoves, setMaxMoves] = useState(USUAL_LENGTH);
  const readText = () => onRead(new TextEncoder().encode(text), maxMoves);

  async function readFile(file: File | undefined): Promise<void> {
    if (file === undefined) return;
    if (file.size > MOST_BYTES) {
      props.onRefuse(
        formsText.fileTooLarge(file.name, Math.ceil(file.size / MEGABYTE), MOST_BYTES / MEGABYTE),
      );
      return;
    }
    onRead(new Uint8Array(await file.arrayBuffer()), maxMoves);
  }

  return (
    <>
      <div className={classes.ways}>
        <Dropzone
          onDrop={(files) => void readFile(files[0])}
          multiple={false}
          disabled={isRunning}
          className={classes.drop}
          inputProps={{ 'aria-label': props.fileLabel }}
        >
          <strong>{formsText.dropFile}</strong>
          <br />
          <span className={classes.soft}>{props.fileWords}</span>
        </Dropzone>
        <Textarea
          label={props.textLabel}
          description={props.textWords}
          size="md"
          rows={5}
          value={text}
          onChange={({ currentTarget }) => setText(currentTarget.value)}
          onKeyDown={getHotkeyHandler([['mod+Enter', readText]])}
        />
      </div>
      <div className={classes.row}>
        <NativeSelect
          label={formsText.longestMate}
          size="md"
          value={String(maxMoves)}
          data={SOUGHT_LENGTHS.map((moves) => ({ value: String(moves), label: formsText.mateIn(moves) }))}
          onChange={({ currentTarget }) => setMaxMoves(Number(currentTarget.value))}
        />
        <Button size="md" mih={44} disabled={isRunning || text.trim() === ''} onClick={readText}>
          {props.button}
        </Button>
        {isRunning && (
          <Button size="md" mih={44} color="clay" onClick={props.onStop}>
            {commonText.stop}
          </Button>
        )}
      </div>
    </>
  );
}
