'use client';
import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubPatternId } from '@/contracts/ids';
import { makeSquareName, type Square } from '@/core/board';
import { makeFen } from '@/core/notation';
import { listMarkable, listUsuallyMarked } from '@/core/patterns';
import type { Position } from '@/core/rules';
import type { Result } from '@/core/shared';
import { useHouseVoice } from '@/ui/words';
import { useRequestId } from '@/ui/forms/useRequestId';
import { useSending } from '@/ui/forms/useSending';
import classes from './Desk.module.css';
import * as deskText from '@/text/screens/desk';

export type AddClubPattern = (input: {
  requestId: string;
  name: string;
  fen: string;
  marked: readonly Square[];
}) => Promise<Result<ClubPatternId, ServiceFault>>;

/** A mate on the board gets a name of the club's own: the coach says which men and blocks belong to the picture. Key it by position. */
export function ClubMateCard({ mated, onAdd }: { readonly mated: Position; readonly onAdd: AddClubPattern }) {
  const markable = listMarkable(mated);
  const [marked, setMarked] = useState(() => listUsuallyMarked(mated));
  const [name, setName] = useState('');
  const { send, isBusy, status } = useSending();
  const { terms } = useHouseVoice();
  const request = useRequestId();

  async function add() {
    const asked = { name, fen: makeFen(mated), marked };
    const added = await send(
      () => onAdd({ requestId: request.idFor(asked), ...asked }),
      () => deskText.savedName(name.trim()),
    );
    if (added === undefined) return;
    setName('');
    request.done();
  }

  return (
    <details className={classes.card}>
      <summary className={classes.summary}>{deskText.giveOwnName}</summary>
      <p className={classes.soft}>{deskText.pictureHelp}</p>
      <Checkbox.Group
        aria-label={deskText.pictureHeading}
        value={marked.map(String)}
        onChange={(values) => setMarked(markable.filter((square) => values.includes(String(square))))}
      >
        <div className={classes.row}>
          {markable.map((square) => {
            const man = mated.board[square];
            if (man === undefined) return null;
            const does = man.side === mated.turn ? 'blocks' : 'helps';
            return (
              <Checkbox
                key={square}
                size="md"
                classNames={{ root: classes.choice }}
                value={String(square)}
                label={deskText.roleInPicture(terms.one(man.role), makeSquareName(square), does)}
              />
            );
          })}
        </div>
      </Checkbox.Group>
      <div className={classes.row} style={{ alignItems: 'end', marginTop: '0.75rem' }}>
        <TextInput
          label={deskText.name}
          maxLength={MOST_LETTERS.name}
          value={name}
          onChange={({ currentTarget }) => setName(currentTarget.value)}
        />
        <Button mih={44} loading={isBusy} disabled={name.trim() === ''} onClick={() => void add()}>
          {deskText.saveName}
        </Button>
      </div>
      <p role="status" style={{ minHeight: '1.5em', margin: '0.5rem 0 0' }}>
        {status}
      </p>
    </details>
  );
}
