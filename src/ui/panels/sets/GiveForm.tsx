'use client';
import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { AssignmentId } from '@/contracts/ids';
import type { SetItem, SetPage, SetPuzzle } from '@/contracts/sets';
import type { Result } from '@/core/shared';
import { faultText, forecastText, knownText, seenSetText } from '@/text';
import { useRequestId } from '@/ui/forms/useRequestId';
import pages from '@/ui/theme/page.module.css';
import * as setsText from '@/text/screens/sets';
import * as commonText from '@/text/screens/common';

export function GiveForm(props: {
  readonly setId: number;
  readonly classes: SetPage['classes'];
  readonly items: readonly SetItem[];
  readonly onGive: (input: {
    requestId: string;
    setId: number;
    classId: number;
  }) => Promise<Result<AssignmentId, ServiceFault>>;
}) {
  const { setId, classes, items, onGive } = props;
  const [classId, setClassId] = useState(String(classes[0]?.classId ?? ''));
  const request = useRequestId();
  const [said, setSaid] = useState('');
  const [isBusy, setIsBusy] = useState(false);

  async function give() {
    setIsBusy(true);
    try {
      const asked = { setId, classId: Number(classId) };
      const result = await onGive({ requestId: request.idFor(asked), ...asked });
      const className = classes.find((one) => String(one.classId) === classId)?.name ?? '';
      setSaid(result.ok ? setsText.classCanSeeIt(className) : faultText(result.error));
      if (result.ok) request.done();
    } catch {
      // The network or the server is away; the same request may be sent again.
      setSaid(commonText.noAnswer);
    } finally {
      setIsBusy(false);
    }
  }

  if (classes.length === 0) return <p className={pages.soft}>{setsText.noClass}</p>;
  const chosen = classes.find((one) => String(one.classId) === classId);
  return (
    <div className={pages.row}>
      <NativeSelect
        aria-label={setsText.forClass}
        value={classId}
        data={classes.map((one) => ({ value: String(one.classId), label: one.name }))}
        onChange={(event) => setClassId(event.currentTarget.value)}
      />
      <Button loading={isBusy} disabled={items.length === 0} onClick={() => void give()}>
        {setsText.giveToClass}
      </Button>
      <span role="status">{said}</span>
      {items.length > 0 && chosen !== undefined && (
        <p className={pages.soft} style={{ flexBasis: '100%', margin: 0 }}>
          {tellClass(chosen, items).map((sentence) => (
            <span key={sentence}>
              {sentence}
              <br />
            </span>
          ))}
        </p>
      )}
    </div>
  );
}

/** What the class has had of the set, what it knows, and what to expect; a line each. */
function tellClass({ seen, name, forecast, known }: SetPage['classes'][number], items: readonly SetItem[]) {
  const mates = items.filter((item): item is SetPuzzle => item.family === 'mate');
  const patterns = [...new Set(mates.flatMap((mate) => mate.patterns))];
  return [
    seenSetText(seen, name),
    knownText(known, patterns, name),
    forecastText(forecast, mates.length, name),
  ].filter((sentence) => sentence !== '');
}
