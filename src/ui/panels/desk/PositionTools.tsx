'use client';
import { Button, Checkbox, NativeSelect, Textarea } from '@mantine/core';
import { useState } from 'react';
import { makeSquareName, parseSquareName, SIDES } from '@/core/board';
import { makeFen, parseFen } from '@/core/notation';
import type { PositionDraft } from '@/core/rules';
import { faultText, SIDE_WORDS } from '@/text';
import { useHouseVoice } from '@/ui/words';
import classes from './Desk.module.css';
import { isCastlingPossible, listPassedSquares, type PositionEdit } from '@/ui/workbench';
import * as deskText from '@/text/screens/desk';

/** Paste a FEN, and the rights a diagram cannot show. */
export function PositionTools(props: {
  readonly draft: PositionDraft;
  readonly onEdit: (action: PositionEdit) => void;
}) {
  const { draft, onEdit } = props;
  const { terms } = useHouseVoice();
  const fen = makeFen(draft);
  const [text, setText] = useState<string | undefined>();
  const [error, setError] = useState<string | undefined>();

  /** Undefined = the field shows the board's own FEN again. */
  function read(value: string) {
    const parsed = parseFen(value);
    setError(parsed.ok ? undefined : faultText(parsed.error));
    setText(parsed.ok ? undefined : value);
    if (parsed.ok) onEdit({ kind: 'load', draft: parsed.value });
  }

  return (
    <div>
      <Textarea
        label={deskText.fenLabel}
        description={deskText.fenHelp}
        value={text ?? fen}
        error={error}
        rows={2}
        spellCheck={false}
        styles={{ input: { fontFamily: 'var(--mantine-font-family-monospace)', fontSize: '0.875rem' } }}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => setText(event.currentTarget.value)}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData('text');
          if (pasted.trim() === '') return;
          event.preventDefault();
          read(pasted);
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          read(event.currentTarget.value);
        }}
      />
      {text !== undefined && (
        <div className={classes.row} style={{ marginTop: '0.5rem' }}>
          <Button onClick={() => read(text)}>{deskText.setUp}</Button>
          <Button
            variant="default"
            onClick={() => {
              setText(undefined);
              setError(undefined);
            }}
          >
            {deskText.keepBoard}
          </Button>
        </div>
      )}
      <details style={{ marginTop: '0.6rem' }}>
        <summary className={classes.summary}>{deskText.rightsHeading(terms)}</summary>
        <div className={classes.row}>
          {SIDES.flatMap((side) =>
            (['short', 'long'] as const).map((wing) => (
              <Checkbox
                key={`${side}-${wing}`}
                label={deskText.castlingRight(SIDE_WORDS[side], wing)}
                checked={draft.castling[side][wing]}
                disabled={!isCastlingPossible(draft.board, side, wing) && !draft.castling[side][wing]}
                onChange={(event) =>
                  onEdit({ kind: 'castling', side, wing, isAllowed: event.currentTarget.checked })
                }
              />
            )),
          )}
        </div>
        <NativeSelect
          mt="xs"
          label={deskText.enPassantSquare(terms)}
          value={draft.enPassant === undefined ? '' : makeSquareName(draft.enPassant)}
          data={[
            { value: '', label: deskText.noSquare },
            ...listPassedSquares(draft).map((square) => makeSquareName(square)),
          ]}
          onChange={(event) => onEdit({ kind: 'passed', square: parseSquareName(event.currentTarget.value) })}
        />
      </details>
    </div>
  );
}
