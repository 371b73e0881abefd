import TableContainer from '@mui/material/TableContainer';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import { notFound } from 'next/navigation';
import { Queries } from '../../../client/Queries';
import { partView } from '@/services/parts';
import { LinkButton } from '@/ui/shell/LinkButton';
import { PartTrade } from '../../../features/parts/PartTrade';
import { PartCurve } from '../../../features/parts/PartCurve';
import { Documents } from '../../../features/shell/Documents';
import { Shell } from '../../../features/shell/Shell';

export const dynamic = 'force-dynamic';

export default async function PartPage({ params }: { params: Promise<{ id: string }> }) {
  const part = await partView((await params).id);
  if (!part) notFound();
  return (
    <Shell>
      <main className="middle stack" id="main" style={{ maxWidth: 900, margin: '0 auto' }}>
        <h1>{part.name}</h1>
        <p className="muted">
          {part.maker}, {part.footprint}.{' '}
          {part.shelf.length > 0 ? part.shelf.map((row) => `${row.quantity} at ${row.place}`).join('; ') : 'Not in stock.'}
        </p>
        <TableContainer className="sheet">
          <Table>
            <TableBody>
              {part.fields.map((field) => (
                <TableRow key={field.label}>
                  <TableCell component="th" scope="row">
                    {field.label}
                  </TableCell>
                  <TableCell className="figure">{field.value}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </TableContainer>
        <div className="row-flex">
          <LinkButton href={`/check?part=${encodeURIComponent(part.id)}`}>Judge it, or copy it with a change</LinkButton>
        </div>
        <PartTrade partId={part.id} kept={part.trade} />
        <Queries>
          <Documents of="part" id={part.id} name={part.name} />
        </Queries>
        {part.curve !== undefined && <PartCurve partId={part.id} name={part.name} curve={part.curve} />}
      </main>
    </Shell>
  );
}
