'use client';
import { Textarea } from '@mantine/core';
import { Dropzone } from '@mantine/dropzone';
import { getHotkeyHandler } from '@mantine/hooks';
import classes from './FileOrText.module.css';

const MEGABYTE = 1_048_576;
const MOST_BYTES = 20 * MEGABYTE;

/** A file, dropped or chosen, or a text that is pasted. A file that is too large is refused with its sentence. */
export function FileOrText(props: {
  readonly fileLabel: string;
  /** What kinds of files. */
  readonly fileWords: string;
  readonly textLabel: string;
  readonly textWords: string;
  readonly isDisabled: boolean;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onBytes: (bytes: Uint8Array) => void;
  readonly onRefuse: (why: string) => void;
}) {
  const { text, onBytes } = props;

  async function readFile(file: File | undefined): Promise<void> {
    if (file === undefined) return;
    if (file.size > MOST_BYTES) {
      props.onRefuse(
        `${file.name} has ${Math.ceil(file.size / MEGABYTE)} MB; ${MOST_BYTES / MEGABYTE} MB are read at most. Split it.`,
      );
      return;
    }
    onBytes(new Uint8Array(await file.arrayBuffer()));
  }

  return (
    <div className={classes.ways}>
      <Dropzone
        onDrop={(files) => void readFile(files[0])}
        multiple={false}
        disabled={props.isDisabled}
        className={classes.drop}
        inputProps={{ 'aria-label': props.fileLabel }}
      >
        <strong>Drop a file here, or press to choose one</strong>
        <br />
        <span className={classes.soft}>{props.fileWords}</span>
      </Dropzone>
      <Textarea
        label={props.textLabel}
        description={props.textWords}
        size="md"
        rows={5}
        value={text}
        onChange={({ currentTarget }) => props.onText(currentTarget.value)}
        onKeyDown={getHotkeyHandler([['mod+Enter', () => onBytes(bytesOf(text))]])}
      />
    </div>
  );
}

/** A pasted text as a file would hold it. */
export const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);
