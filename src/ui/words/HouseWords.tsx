'use client';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { SpokenWords } from '@/contracts/houseWords';
import { makeTerms, PLAIN_TERMS, type Terms } from '@/text';

export interface HouseVoice {
  /** The words of the house, for sentences that are made of them. */
  readonly terms: Terms;
  /** One reason in one sentence is enough. */
  readonly isShort: boolean;
}

const PLAIN_VOICE: HouseVoice = { terms: PLAIN_TERMS, isShort: false };
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
    () => ({
      terms: makeTerms(spoken.words),
      isShort: spoken.readingLevel === 'short',
    }),
    [spoken],
  );
  return <VoiceContext value={voice}>{children}</VoiceContext>;
}

export function useHouseVoice(): HouseVoice {
  return useContext(VoiceContext);
}
