import { respond, type IdParams } from '@/app/api/respond';
import { labelPdf } from '@/services/record-pdf';
import { loadRecord } from '@/services/records';

export const dynamic = 'force-dynamic';
export const GET = (_request: Request, { params }: IdParams) =>
  respond(async () => {
    const record = await loadRecord((await params).id);
    const pdf = await labelPdf(record);
    const name = `label-${record.body.position.tag}-${record.body.signedAt.slice(0, 10)}.pdf`.replace(/[^\w.-]/g, '-');
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'content-disposition': `attachment; filename="${name}"` },
    });
  });
