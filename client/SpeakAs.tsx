'use client';

import { useEffect } from 'react';
import { speakAs } from './api';

/** What this page asks of the server, it asks for this person alone. */
export function SpeakAs({ personId }: { personId: string | undefined }) {
  useEffect(() => void speakAs(personId), [personId]);
  return null;
}
