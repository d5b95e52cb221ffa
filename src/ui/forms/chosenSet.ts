'use client';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { SetId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import { useRequestId } from './useRequestId';
import * as formsText from '@/text/screens/forms';

export interface SetChoice {
  readonly setId: SetId;
  readonly name: string;
}

export type AddSet = (input: { requestId: string; name: string }) => Promise<Result<SetId, ServiceFault>>;

/** The value of the choice "a new set". */
export const NEW_SET = 'new';

/** The set something is put into: one that is there, or a new one, made when it is first needed. */
export function useChosenSet(known: readonly SetChoice[], addSet: AddSet) {
  const [sets, setSets] = useState(known);
  const [chosen, setChosen] = useState(String(known[0]?.setId ?? NEW_SET));
  const [name, setName] = useState('');
  const request = useRequestId();

  async function getSetId(): Promise<Result<number, ServiceFault>> {
    if (chosen !== NEW_SET) return { ok: true, value: Number(chosen) };
    const made = await addSet({ requestId: request.idFor(name), name });
    if (made.ok) {
      setSets([...sets, { setId: made.value, name }]);
      setChosen(String(made.value));
      setName('');
      request.done();
    }
    return made;
  }

  return {
    options: [
      ...sets.map(({ setId, name: text }) => ({ value: String(setId), label: text })),
      { value: NEW_SET, label: formsText.newSet },
    ],
    chosen,
    setChosen,
    isNew: chosen === NEW_SET,
    isReady: chosen !== NEW_SET || name.trim() !== '',
    name,
    setName,
    getSetId,
  };
}
