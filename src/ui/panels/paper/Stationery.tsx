'use client';
import { Button, Checkbox, NativeSelect, NumberInput } from '@mantine/core';
import { DIAGRAMS_PER_SHEET } from '@/contracts/print';
import classes from './Paper.module.css';
import { PaperFields, PaperSelect } from './PaperFields';

/** Paper that needs no set: boards to draw on, and cards of the named mates. */
export function Stationery() {
  return (
    <div className={classes.form}>
      <form action="/print/boards" target="_blank" className={classes.group}>
        <h2>Boards to draw on</h2>
        <NativeSelect
          label="Boards on a sheet"
          name="perSheet"
          size="md"
          defaultValue="6"
          data={DIAGRAMS_PER_SHEET.map(String)}
        />
        <NumberInput
          label="Sheets"
          name="sheets"
          size="md"
          min={1}
          max={50}
          allowDecimal={false}
          defaultValue={1}
        />
        <PaperFields />
        <Checkbox label="Lines to write on" name="lines" size="md" />
        <Button type="submit" size="md" mih={44}>
          Make the boards
        </Button>
      </form>
      <form action="/print/mates" target="_blank" className={classes.group}>
        <h2>Cards of the named mates</h2>
        <p className={classes.said}>
          The picture on the front, its name and what it is made of on the back: eight on a sheet. Print on
          both sides, turned over the long edge, and cut along the dashes.
        </p>
        <PaperSelect />
        <Button type="submit" size="md" mih={44}>
          Make the cards
        </Button>
      </form>
    </div>
  );
}
