'use client';
import { TextInput } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useState } from 'react';
import { getPosition } from '@/core/notation';
import { BARE_PICTURES, PATTERN_IDS } from '@/core/patterns';
import { findPatterns, PATTERN_NAMES, PATTERN_WORDS } from '@/text';
import { DiagramPicture } from '@/ui/board';
import classes from './Patterns.module.css';
import { useHouseVoice } from '@/ui/words';
import * as patternsText from '@/text/screens/patterns';

/** Every named mate as a small board; what is typed leaves those it fits. */
export function PatternWall() {
  const { terms } = useHouseVoice();
  const [sought, setSought] = useState('');
  const found = findPatterns(sought, terms);
  return (
    <>
      <div className={classes.search}>
        <TextInput
          label={patternsText.search}
          placeholder={patternsText.searchExample}
          size="md"
          value={sought}
          onChange={({ currentTarget }) => setSought(currentTarget.value)}
        />
        <span role="status" className={classes.soft}>
          {found.length === PATTERN_IDS.length
            ? patternsText.allCount(PATTERN_IDS.length)
            : patternsText.found(found.length)}
        </span>
      </div>
      {found.length === 0 && <p>{patternsText.nothingFound}</p>}
      <ul className={classes.wall}>
        {found.map((id) => {
          const { board, turn } = getPosition(BARE_PICTURES[id]);
          const name = PATTERN_NAMES[id];
          const { also } = PATTERN_WORDS[id](terms);
          return (
            <li key={id}>
              <Link href={`/patterns/${id}` as Route} className={classes.tile}>
                <DiagramPicture
                  diagram={{ board, turn: undefined, bottom: turn === 'black' ? 'white' : 'black' }}
                  title={patternsText.barePictureOf(name)}
                />
                <h2>{name}</h2>
                {also.length > 0 && <span className={classes.soft}>{also.join(', ')}</span>}
              </Link>
            </li>
          );
        })}
      </ul>
    </>
  );
}
