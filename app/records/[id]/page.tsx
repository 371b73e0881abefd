import { notFound } from 'next/navigation';
import { loadRecord, picturesOfRecord } from '@/services/records';
import { ServiceError } from '@/services/service-error';
import { RecordSheet } from '@/features/logbook/RecordSheet';
import { Shell } from '../../../features/shell/Shell';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Record' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const record = await loadRecord((await params).id).catch((error) => {
    if (error instanceof ServiceError) notFound();
    throw error;
  });
  const pictures = await picturesOfRecord(record.id);
  return (
    <Shell here="/logbook">
      <RecordSheet
        id={record.id}
        body={JSON.parse(JSON.stringify(record.body))}
        timeZone={record.timeZone}
        hash={record.hash}
        entry={record.entry}
        publicKey={record.publicKey}
        altered={record.altered}
        pictures={pictures}
      />
    </Shell>
  );
}
