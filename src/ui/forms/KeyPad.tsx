'use client';
import { Button } from '@mantine/core';
import { useState, useTransition } from 'react';
import { KEY_PICTURES, type KeyPicture } from '@/contracts/people';
import { PICTURE_WORDS } from '@/text';
import classes from './KeyPad.module.css';
import { KeyPictureIcon } from './KeyPicture';
import * as formsText from '@/text/screens/forms';

/** Pictures instead of a password; the last one knocks at the door. */
export function KeyPad(props: {
  readonly joinCode: string;
  readonly studentId: number;
  /** Pictures in this child's key. */
  readonly keyLength: number;
  readonly onKey: (input: {
    joinCode: string;
    studentId: number;
    key: string[];
  }) => Promise<{ error?: string }>;
}) {
  const { joinCode, studentId, keyLength, onKey } = props;
  const [key, setKey] = useState<readonly KeyPicture[]>([]);
  const [error, setError] = useState<string | undefined>();
  const [isBusy, startTransition] = useTransition();

  function tap(picture: KeyPicture) {
    const next = [...key, picture];
    setKey(next);
    setError(undefined);
    if (next.length < keyLength) return;
    startTransition(async () => {
      const result = await onKey({ joinCode, studentId, key: [...next] });
      setError(result.error);
      setKey([]);
    });
  }

  return (
    <div>
      <div
        className={classes.slots}
        aria-live="polite"
        aria-label={formsText.picturesChosen(key.length, keyLength)}
      >
        {Array.from({ length: keyLength }, (_, index) => {
          const picture = key[index];
          return (
            <span key={index} className={`${classes.slot} ${picture === undefined ? '' : classes.filled}`}>
              {picture !== undefined && <KeyPictureIcon picture={picture} size={40} />}
            </span>
          );
        })}
        <Button
          variant="default"
          mih={56}
          style={{ alignSelf: 'center' }}
          disabled={key.length === 0 || isBusy}
          onClick={() => setKey([])}
        >
          {formsText.startAgain}
        </Button>
      </div>
      <div className={classes.pictures}>
        {KEY_PICTURES.map((picture) => (
          <button
            key={picture}
            type="button"
            className={classes.picture}
            disabled={isBusy}
            onClick={() => tap(picture)}
          >
            <KeyPictureIcon picture={picture} size={44} />
            {PICTURE_WORDS[picture]}
          </button>
        ))}
      </div>
      <p className={classes.said} role="alert">
        {isBusy ? formsText.oneMoment : error}
      </p>
    </div>
  );
}
