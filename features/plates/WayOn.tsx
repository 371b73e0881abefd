'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { keep } from '@/client/use-kept';
import { emptyCheck, QUICK_CHECK, withPlate } from '@/core/swap/quick-check';
import type { Reader } from './use-reader';

/** What is done with a plate that was read: it is judged, entered, or taken to a position. */
export function WayOn({ reader }: { reader: Reader }) {
  const router = useRouter();
  const { plate, readings, text, section } = reader;
  if (!plate || Object.keys(readings).length === 0) return null;
  const on = (place: string) => {
    keep(QUICK_CHECK, withPlate(emptyCheck(), plate.id, text, readings));
    router.push(`/check${place}`);
  };
  return (
    <div className="row-flex">
      <Button variant="contained" onClick={() => on('')}>
        {section === 'load' ? 'Find out whether a part serves it' : 'Judge it'}
        <small>in a quick check</small>
      </Button>
      {section !== 'load' && <Button onClick={() => on('#catalogue')}>Into the catalogue or into stock</Button>}
      {section !== 'load' && <Button onClick={() => on('#job')}>At a position</Button>}
    </div>
  );
}
