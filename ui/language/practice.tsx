'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { Practice } from '@/core/case/case';
import { sayIn } from '@/core/language/by-practice';

const PracticeContext = createContext<Practice>('IEC');

/** Everything inside is said in the words of this practice. */
export function InPractice({ practice, children }: { practice: Practice; children: ReactNode }) {
  return <PracticeContext.Provider value={practice}>{children}</PracticeContext.Provider>;
}

export const usePractice = (): Practice => useContext(PracticeContext);

/** Returns the function that says a text in the words of the practice around it. */
export function useSay(): (text: string) => string {
  const practice = usePractice();
  return (text) => sayIn(practice, text);
}

const KEPT = 'loyal-coil-practice';

/** The practice of the site that is open; a desk that belongs to no site keeps the words of the last one. */
export function useSpokenPractice(practice: Practice | undefined): Practice {
  const [kept, setKept] = useState<Practice>('IEC');
  useEffect(() => {
    if (practice) localStorage.setItem(KEPT, practice);
    else setKept(localStorage.getItem(KEPT) === 'NFPA70' ? 'NFPA70' : 'IEC');
  }, [practice]);
  return practice ?? kept;
}

/** A text in the words of the practice around it. */
export function Say({ children }: { children: string }) {
  return useSay()(children);
}
