import { formatInstant } from '@/core/language/format-instant';
import { verifyNow } from '@/services/chain/state';
import { Notice } from '@/ui/shell/Notice';
import { Shell } from '../../../features/shell/Shell';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Seal' };

/** The newest entry of every chain, to be printed and hung up: whatever is changed before it shows against it. */
export default async function Seal() {
  const { at, publicKey, states } = await verifyNow();
  return (
    <Shell here="/logbook">
      <main className="middle stack" id="main" style={{ maxWidth: 820, margin: '0 auto' }}>
        <h1>Seal of the logbook</h1>
        <p className="muted">
          Printed, this sheet holds everything signed before it: a record changed, taken away or put in later gives another hash under the
          same number. The same as JSON: <a href="/api/v1/chain">/api/v1/chain</a>
        </p>
        {states.map(({ site, name, entries, head, faults }) => (
          <section key={site} className="sheet stack" style={{ padding: 14, overflowWrap: 'anywhere' }} aria-label={name}>
            <h2 style={{ fontSize: 15.5 }}>{name}</h2>
            {head ? (
              <p>
                Entry {head.seq}, {formatInstant(head.at, 'UTC', 'minute')}
                <br />
                <b className="figure">{head.hash}</b>
              </p>
            ) : (
              <p className="muted">Nothing signed yet.</p>
            )}
            {faults.length === 0 ? (
              <Notice kind="fits">{entries} entries verified: all as they were signed.</Notice>
            ) : (
              <Notice kind="fails" role="alert">
                <b>{faults.length} not as signed.</b>{' '}
                {faults
                  .slice(0, 20)
                  .map(({ words }) => words)
                  .join(' ')}
              </Notice>
            )}
          </section>
        ))}
        <p className="muted" style={{ fontSize: 12, overflowWrap: 'anywhere' }}>
          Verified {formatInstant(at, 'UTC', 'minute')}. Public key of this installation: <span className="figure">{publicKey}</span>
        </p>
      </main>
    </Shell>
  );
}
