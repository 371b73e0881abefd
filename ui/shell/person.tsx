'use client';

import { createContext, useContext, type ReactNode } from 'react';
import type { Person } from '@/core/crew/person';

const PersonContext = createContext<Person | null>(null);

/** Who is signed in, around every page. */
export const PersonRoot = ({ person, children }: { person: Person | null; children: ReactNode }) => (
  <PersonContext.Provider value={person}>{children}</PersonContext.Provider>
);

/** Who is signed in; null at the door alone. */
export const usePerson = (): Person | null => useContext(PersonContext);
