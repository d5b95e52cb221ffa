'use client';
import { Button, Checkbox, FileButton, Textarea } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import type { KeyPicture } from '@/contracts/people';
import type { ReadRoster } from '@/contracts/roster';
import type { Result } from '@/core/shared';
import { countText, listWords, ROSTER_FAULT_WORDS } from '@/text';
import { KeyCard } from '@/ui/forms/KeyCard';
import { useSending } from '@/ui/forms/useSending';
import { useRequestId } from '@/ui/forms/useRequestId';
import classes from './Roster.module.css';
import * as rosterText from '@/text/screens/roster';

interface AddedChild {
  readonly name: string;
  readonly key: readonly KeyPicture[];
}

export interface RosterImportActions {
  readonly read: (input: { classId: number; text: string }) => Promise<Result<ReadRoster, ServiceFault>>;
  readonly add: (input: {
    requestId: string;
    classId: number;
    names: readonly string[];
  }) => Promise<Result<readonly AddedChild[], ServiceFault>>;
}

/** Children from a list: read first, each row told, then those that are wanted are added and their keys shown once. */
export function RosterImport(props: { readonly classId: ClassId; readonly actions: RosterImportActions }) {
  const { classId, actions } = props;
  const [text, setText] = useState('');
  const [read, setRead] = useState<ReadRoster>();
  const [wanted, setWanted] = useState<ReadonlySet<number>>(new Set());
  const request = useRequestId();
  const [added, setAdded] = useState<readonly AddedChild[]>([]);
  const { send, isBusy, error } = useSending();

  async function readText(from: string) {
    setText(from);
    const sent = await send(() => actions.read({ classId, text: from }));
    if (sent === undefined) return;
    setRead(sent.value);
    setWanted(new Set(sent.value.rows.filter(({ fault }) => fault === undefined).map(({ line }) => line)));
    setAdded([]);
  }

  async function addWanted() {
    const names = (read?.rows ?? []).filter(({ line }) => wanted.has(line)).map(({ name }) => name);
    const sent = await send(() => actions.add({ requestId: request.idFor(names), classId, names }));
    if (sent === undefined) return;
    setAdded(sent.value);
    setRead(undefined);
    setText('');
    request.done();
  }

  const faulty = (read?.rows ?? []).filter(({ fault }) => fault !== undefined).length;
  return (
    <>
      <Textarea
        label={rosterText.pasteListOneChild}
        description={rosterText.importHelp}
        size="md"
        rows={6}
        value={text}
        onChange={({ currentTarget }) => setText(currentTarget.value)}
      />
      <div className={classes.fields} style={{ marginTop: '0.75rem' }}>
        <Button
          size="md"
          mih={44}
          loading={isBusy}
          disabled={text.trim() === ''}
          onClick={() => void readText(text)}
        >
          {rosterText.readList}
        </Button>
        <FileButton
          accept=".csv,.txt,text/csv,text/plain"
          onChange={(file) => void file?.text().then(readText)}
        >
          {(button) => (
            <Button {...button} size="md" mih={44} variant="default" disabled={isBusy}>
              {rosterText.chooseFile}
            </Button>
          )}
        </FileButton>
      </div>
      <p role="alert" className={classes.said}>
        {error}
      </p>
      {read !== undefined && (
        <>
          <p role="status" className={classes.said}>
            {rosterText.readNotOffered(countText(read.rows.length, 'row'), faulty === 0 ? 'none' : faulty)}
            {read.leftOut.length > 0 && rosterText.leftOut(listWords(read.leftOut))}
          </p>
          <table className={classes.rows}>
            <thead>
              <tr>
                <th scope="col">{rosterText.lineHeading}</th>
                <th scope="col">{rosterText.child}</th>
                <th scope="col">{rosterText.whyNot}</th>
              </tr>
            </thead>
            <tbody>
              {read.rows.map(({ line, name, fault }) => (
                <tr key={line}>
                  <td>{line}</td>
                  <td>
                    {fault === undefined ? (
                      <Checkbox
                        size="md"
                        label={name}
                        checked={wanted.has(line)}
                        onChange={({ currentTarget }) => {
                          const next = new Set(wanted);
                          if (currentTarget.checked) next.add(line);
                          else next.delete(line);
                          setWanted(next);
                        }}
                      />
                    ) : (
                      name.slice(0, 60)
                    )}
                  </td>
                  <td>{fault === undefined ? '' : ROSTER_FAULT_WORDS[fault]}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Button
            size="md"
            mih={44}
            loading={isBusy}
            disabled={wanted.size === 0}
            onClick={() => void addWanted()}
          >
            {rosterText.add(countText(wanted.size, 'child'))}
          </Button>
        </>
      )}
      {added.length > 0 && (
        <>
          <p role="status" className={classes.said}>
            {rosterText.writeKeysDown(countText(added.length, 'child'))}
          </p>
          <ul className={classes.keys}>
            {added.map(({ name, key }) => (
              <li key={name} className={classes.card}>
                <h2>{name}</h2>
                <KeyCard pictures={key} />
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
