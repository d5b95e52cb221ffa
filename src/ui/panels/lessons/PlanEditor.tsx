'use client';
import { Button, NativeSelect, Textarea, TextInput } from '@mantine/core';
import { arrayMove, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useHotkeys } from '@mantine/hooks';
import { useEffect, useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import { MOST_LETTERS, MOST_SEGMENT_MINUTES } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import {
  SEGMENT_KINDS,
  type LessonPlan,
  type PlanItem,
  type SavePlan,
  type Segment,
} from '@/contracts/lessons';
import type { Result } from '@/core/shared';
import { planItemText, SEGMENT_WORDS } from '@/text';
import { DiagramPicture } from '@/ui/board';
import { CountField } from '@/ui/forms/CountField';
import type { SetChoice } from '@/ui/forms/chosenSet';
import { Sorting, useSortedRow } from '@/ui/forms/Sorting';
import { useSending } from '@/ui/forms/useSending';
import { AddItem } from './AddItem';
import classes from './Lessons.module.css';
import { addSegment, changeSegment, findBoard, listStarts } from './planDraft';
import { useHouseVoice } from '@/ui/words';
import * as lessonsText from '@/text/screens/lessons';
import * as commonText from '@/text/screens/common';

/** The plan of a lesson: its segments in their order, with their minutes and what they hold. */
export function PlanEditor(props: {
  readonly plan: LessonPlan;
  readonly sets: readonly SetChoice[];
  readonly onSave: (input: SavePlan) => Promise<Result<number, ServiceFault>>;
}) {
  const { sets, onSave } = props;
  // What is written stays while the page behind is drawn anew.
  const [plan] = useState(props.plan);
  const [title, setTitle] = useState(plan.title);
  const [segments, setSegments] = useState<readonly Segment[]>(plan.segments);
  const [saved, setSaved] = useState({
    revision: plan.revision,
    text: JSON.stringify([plan.title, plan.segments]),
  });
  const { send, isBusy, error } = useSending();
  const text = JSON.stringify([title, segments]);
  const isSaved = saved.text === text;

  async function save() {
    if (isBusy || isSaved || title.trim() === '') return;
    const sent = await send(() =>
      onSave({ planId: plan.planId, revision: saved.revision, title, segments: [...segments] }),
    );
    if (sent !== undefined) setSaved({ revision: sent.value, text });
  }
  useHotkeys([['mod+S', () => void save()]], []);
  useEffect(() => {
    if (isSaved) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [isSaved]);

  const starts = listStarts(segments);
  const minutes = segments.reduce((sum, one) => sum + one.minutes, 0);
  const nameOf = (segment: Segment) =>
    `${SEGMENT_WORDS[segment.kind]}${segment.title === '' ? '' : `, ${segment.title}`}`;
  return (
    <div className={classes.stack}>
      <TextInput
        label={lessonsText.planTopic}
        size="md"
        maxLength={MOST_LETTERS.title}
        value={title}
        readOnly={!plan.mayChange}
        onChange={({ currentTarget }) => setTitle(currentTarget.value)}
      />
      {segments.length === 0 && <p className={classes.card}>{lessonsText.emptyPlan}</p>}
      <Sorting
        rows={segments.map((one) => ({ id: one.key, name: nameOf(one) }))}
        noun={commonText.nouns.segment}
        strategy={verticalListSortingStrategy}
        onMove={(from, to) => setSegments(arrayMove([...segments], from, to))}
      >
        {segments.map((segment, index) => (
          <SegmentCard
            key={segment.key}
            segment={segment}
            name={nameOf(segment)}
            startsAt={starts[index] ?? 0}
            sets={sets}
            mayChange={plan.mayChange}
            onChange={(changed) => setSegments(changeSegment(segments, segment.key, changed))}
            onRemove={() => setSegments(segments.filter(({ key }) => key !== segment.key))}
          />
        ))}
      </Sorting>
      {plan.mayChange && (
        <>
          <div className={classes.row} role="group" aria-label={lessonsText.addSegment}>
            {SEGMENT_KINDS.map((kind) => (
              <Button
                key={kind}
                size="md"
                mih={44}
                variant="default"
                onClick={() => setSegments(addSegment(segments, kind, makeUuid().slice(0, 8)))}
              >
                {lessonsText.oneMoreSegment(SEGMENT_WORDS[kind])}
              </Button>
            ))}
          </div>
          <div className={classes.foot}>
            <Button
              size="lg"
              loading={isBusy}
              disabled={isSaved || title.trim() === ''}
              onClick={() => void save()}
            >
              {lessonsText.savePlan}
            </Button>
            <span role="status">
              {lessonsText.minutesAndRest(minutes, isSaved ? commonText.saved : lessonsText.notSavedYet)}
            </span>
            <span role="alert">{error}</span>
          </div>
        </>
      )}
    </div>
  );
}

function SegmentCard(props: {
  readonly segment: Segment;
  readonly name: string;
  readonly startsAt: number;
  readonly sets: readonly SetChoice[];
  readonly mayChange: boolean;
  readonly onChange: (changed: Partial<Omit<Segment, 'key'>>) => void;
  readonly onRemove: () => void;
}) {
  const { segment, name, mayChange, onChange } = props;
  const { ref, style, grip } = useSortedRow({ id: segment.key, name });
  const [isAdding, setIsAdding] = useState(false);
  return (
    <section ref={ref} style={style} className={classes.segment} aria-label={name}>
      <div className={classes.fields}>
        {mayChange && grip}
        <NativeSelect
          label={lessonsText.fromMinute(props.startsAt)}
          size="md"
          value={segment.kind}
          disabled={!mayChange}
          data={SEGMENT_KINDS.map((kind) => ({ value: kind, label: SEGMENT_WORDS[kind] }))}
          onChange={({ currentTarget }) =>
            onChange({ kind: SEGMENT_KINDS.find((one) => one === currentTarget.value) ?? segment.kind })
          }
        />
        <CountField
          label={lessonsText.minutes}
          w="6rem"
          min={0}
          max={MOST_SEGMENT_MINUTES}
          readOnly={!mayChange}
          value={segment.minutes}
          onCount={(minutes) => onChange({ minutes })}
        />
        <TextInput
          label={lessonsText.title}
          size="md"
          style={{ flex: 1, minWidth: '12rem' }}
          maxLength={MOST_LETTERS.title}
          readOnly={!mayChange}
          value={segment.title}
          onChange={({ currentTarget }) => onChange({ title: currentTarget.value })}
        />
        {mayChange && (
          <Button
            variant="subtle"
            color="clay"
            size="md"
            mih={44}
            px="xs"
            aria-label={lessonsText.removeNamed(name)}
            onClick={props.onRemove}
          >
            {commonText.remove}
          </Button>
        )}
      </div>
      <Textarea
        label={lessonsText.whatSay}
        size="md"
        autosize
        minRows={1}
        maxLength={MOST_LETTERS.notes}
        readOnly={!mayChange}
        value={segment.notes}
        onChange={({ currentTarget }) => onChange({ notes: currentTarget.value })}
      />
      {segment.items.length > 0 && (
        <ul className={classes.items}>
          {segment.items.map((item, index) => (
            <li key={`${index} ${JSON.stringify(item)}`}>
              <PlanThing item={item} sets={props.sets} />
              {mayChange && (
                <Button
                  variant="subtle"
                  color="clay"
                  size="md"
                  mih={44}
                  px="xs"
                  aria-label={lessonsText.removeItem(index + 1, name)}
                  onClick={() => onChange({ items: segment.items.filter((_, place) => place !== index) })}
                >
                  {commonText.remove}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      {mayChange && !isAdding && (
        <div>
          <Button
            variant="default"
            size="md"
            mih={44}
            aria-label={lessonsText.putSomethingInto(name)}
            onClick={() => setIsAdding(true)}
          >
            {lessonsText.putSomethingIn}
          </Button>
        </div>
      )}
      {mayChange && isAdding && (
        <AddItem
          sets={props.sets}
          segmentName={name}
          onAdd={(item) => onChange({ items: [...segment.items, item] })}
          onClose={() => setIsAdding(false)}
        />
      )}
    </section>
  );
}

/** One thing with its board, where it has one. */
export function PlanThing({ item, sets }: { readonly item: PlanItem; readonly sets: readonly SetChoice[] }) {
  const { terms } = useHouseVoice();
  const said = planItemText(item, (setId) => sets.find((one) => one.setId === setId)?.name, terms);
  const shown = findBoard(item);
  return (
    <span className={classes.boards}>
      {shown !== undefined && (
        <span className={classes.board}>
          <DiagramPicture diagram={{ ...shown, bottom: 'white', hasCoordinates: false }} title={said} />
        </span>
      )}
      <span>{said}</span>
    </span>
  );
}
