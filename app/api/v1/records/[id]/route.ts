import { NextResponse } from 'next/server';
import { respond, type IdParams } from '@/app/api/respond';
import { loadRecord } from '@/services/records';

export const dynamic = 'force-dynamic';
export const GET = (_request: Request, { params }: IdParams) =>
  respond(async () => {
    const { id, body, hash } = await loadRecord((await params).id);
    const name = `swap-${body.position.tag}-${body.signedAt.slice(0, 10)}.json`.replace(/[^\w.-]/g, '-');
    return NextResponse.json({ id, hash, record: body }, { headers: { 'content-disposition': `attachment; filename="${name}"` } });
  });
