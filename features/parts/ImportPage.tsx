'use client';

import { useState } from 'react';
import type { BroughtFile } from '@/services/imports';
import { Shell } from '../shell/Shell';
import { BringFile } from './BringFile';
import { BroughtFiles } from './BroughtFiles';
import type { ImportSite } from './use-import';

/** The import desk: a file is dropped, looked at, corrected, brought, and taken back. */
export function ImportPage({ sites, imports }: { sites: readonly ImportSite[]; imports: readonly BroughtFile[] }) {
  const [siteId, setSiteId] = useState('');
  return (
    <Shell here="/" practice={sites.find(({ id }) => id === siteId)?.practice}>
      <main className="middle stack" id="main" style={{ maxWidth: 1100, margin: '0 auto' }}>
        <div>
          <h1>Bring parts</h1>
          <p className="muted">
            A spreadsheet of one kind of part: XLSX, or CSV by comma, semicolon or tab. It is looked at first; nothing is kept before you
            say so, and the whole file can be taken back.
          </p>
        </div>
        <BringFile sites={sites} siteId={siteId} onSite={setSiteId} />
        <BroughtFiles imports={imports} />
      </main>
    </Shell>
  );
}
