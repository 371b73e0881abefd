import { notFound } from 'next/navigation';
import { partView } from '@/services/parts';
import { PartCurve } from '../../../features/parts/PartCurve';
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
        <table className="plain sheet">
          <tbody>
            {part.fields.map((field) => (
              <tr key={field.label}>
                <th scope="row">{field.label}</th>
                <td className="figure">{field.value}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {part.curve !== undefined && <PartCurve partId={part.id} name={part.name} curve={part.curve} />}
      </main>
    </Shell>
  );
}
