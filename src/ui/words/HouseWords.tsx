'use client';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { SpokenWords } from '@/contracts/houseWords';
import { makeHouseVoice } from '@/text';

export interface HouseVoice {
  /** Says a plain text in the words of the house. */
  readonly say: (text: string) => string;
  /** One reason in one sentence is enough. */
  readonly isShort: boolean;
}

const PLAIN_VOICE: HouseVoice = { say: (text) => text, isShort: false };
const VoiceContext = createContext<HouseVoice>(PLAIN_VOICE);

/** Gives all below the words of the class or the club; without one, plain English is spoken. */
export function HouseWordsProvider({
  spoken,
  children,
}: {
  readonly spoken: SpokenWords;
  readonly children: ReactNode;
}) {
  const voice = useMemo(
    () => ({ say: makeHouseVoice(spoken.words), isShort: spoken.readingLevel === 'short' }),
    [spoken],
  );
  return <VoiceContext value={voice}>{children}</VoiceContext>;
}

export function useHouseVoice(): HouseVoice {
  return useContext(VoiceContext);
}
