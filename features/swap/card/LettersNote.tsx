'use client';

import { Link } from '@/ui/shell/Link';
import { meaningsOf } from '@/core/case/position-codes';
import type { SwapView } from '@/services/swaps';
import { Note } from '../RunningCard';

/** What the letters on the part mean, by the user's own tables. */
export function LettersNote({ tables, code }: { tables: SwapView['letters']; code: string }) {
  const meanings = meaningsOf(tables, code);
  return (
    <Note title={`Letters ${code}`} tone={meanings.length === 0 ? 'not-known' : 'note'}>
      {meanings.length === 0 && <p>They are in none of your tables: nothing is assumed about them.</p>}
      {meanings.map(({ maker, bay, function: fn, note }) => (
        <p key={maker}>
          {maker}: {fn.replaceAll('-', ' ')}
          {bay ? `, ${bay}` : ''}. {note}
        </p>
      ))}
      <p className="muted">
        <Link href="/lab?bench=closing">Your accessory bay codes</Link>
      </p>
    </Note>
  );
}
