'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { DocumentPlace } from '@/core/documents/document';

// Most who pass by do not open them: they come with the first touch.
const Documents = dynamic(() => import('./Documents').then((module) => module.Documents));

/** Documents and pictures behind one touch, where they are one thing among others. */
export function DocumentsBehind({ of, id, name }: { of: DocumentPlace; id: string; name: string }) {
  const [open, setOpen] = useState(false);
  return open ? (
    <Documents of={of} id={id} name={name} />
  ) : (
    <div>
      <Button aria-expanded={false} onClick={() => setOpen(true)}>
        Documents and pictures of {name}
      </Button>
    </div>
  );
}
