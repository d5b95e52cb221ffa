'use client';
import { Button, Checkbox, NativeSelect, NumberInput } from '@mantine/core';
import { MOST_SHEETS } from '@/contracts/bounds';
import { DIAGRAMS_PER_SHEET } from '@/contracts/print';
import classes from './Paper.module.css';
import { PaperFields, PaperSelect } from './PaperFields';
import * as paperText from '@/text/screens/paper';

/** Paper that needs no set: boards to draw on, and cards of the named mates. */
export function Stationery() {
  return (
    <div className={classes.form}>
      <form action="/print/boards" target="_blank" className={classes.group}>
        <h2>{paperText.boardsToDraw}</h2>
        <NativeSelect
          label={paperText.boardsPerSheet}
          name="perSheet"
          size="md"
          defaultValue="6"
          data={DIAGRAMS_PER_SHEET.map(String)}
        />
        <NumberInput
          label={paperText.sheets}
          name="sheets"
          size="md"
          min={1}
          max={MOST_SHEETS}
          allowDecimal={false}
          defaultValue={1}
        />
        <PaperFields />
        <Checkbox label={paperText.linesToWrite} name="lines" size="md" />
        <Button type="submit" size="md" mih={44}>
          {paperText.makeBoards}
        </Button>
      </form>
      <form action="/print/mates" target="_blank" className={classes.group}>
        <h2>{paperText.cardsHeading}</h2>
        <p className={classes.said}>{paperText.cardsHelp}</p>
        <PaperSelect />
        <Button type="submit" size="md" mih={44}>
          {paperText.makeCards}
        </Button>
      </form>
    </div>
  );
}
