'use client';

import type { Card } from '@/core/cards/card';
import { ListTable } from '../forms/ListTable';
import { CardDrawing } from './CardDrawing';
import { useSay } from '../language/practice';

/** A card as it is read: its title, its sentences, and where they come from. */
export function CardText({ card: { title, sentences, drawing, table, source } }: { card: Card }) {
  const say = useSay();
  return (
    <>
      <h2 style={{ fontSize: 15.5, margin: '0 0 4px' }}>{say(title)}</h2>
      {sentences.map((sentence) => (
        <p key={sentence} style={{ margin: '0 0 4px' }}>
          {say(sentence)}
        </p>
      ))}
      {drawing && <CardDrawing drawing={drawing} />}
      {table && (
        <ListTable
          columns={table.heads.map((head, i) => ({ head: say(head), of: (row: readonly string[]) => say(row[i] ?? '') }))}
          rows={table.rows}
          keyOf={([first]) => first ?? ''}
        />
      )}
      <small className="muted">{source ?? 'Common practice.'}</small>
    </>
  );
}
