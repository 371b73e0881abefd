'use client';

import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type ApiAnswer, faultWords } from '@/client/api';
import { canUsePasskeys, makePasskey } from '@/client/passkey';
import { read } from '@/client/Queries';
import { deviceNameSchema } from '@/core/crew/crew-fields';
import type { Answers } from '@/services/interface/routes';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { FaultNotice } from '@/ui/shell/Notice';

type Kept = Answers['GET /api/v1/me/passkeys'];

const day = (iso: string) => iso.slice(0, 10);

/** A device is named, and asked for a key. */
function NameDevice({ onName }: { onName: (name: string) => Promise<boolean> }) {
  const { register, errors, ready, onSubmit } = useSentForm(deviceNameSchema, { name: '' }, async ({ name }, startAgain) => {
    if (await onName(name)) startAgain({ name: '' });
    return undefined;
  });
  return (
    <form className="stack" onSubmit={onSubmit}>
      <label className="stack" style={{ gap: 4 }}>
        <span>Name of this device</span>
        <TextBox wide {...register('name', trimmed)} />
      </label>
      <Button type="submit" disabled={!ready}>
        Make a passkey here
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}

/** One's own passkeys: a finger, a face or the device's own PIN instead of the password, and instead of the PIN at a signature. */
export function Passkeys() {
  const queries = useQueryClient();
  const kept = useQuery({
    queryKey: ['passkeys'],
    queryFn: ({ signal }) => read<Kept>('GET', '/api/v1/me/passkeys', undefined, signal),
  }).data;
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  if (!kept) return null;
  const take = async (doing: Promise<ApiAnswer<unknown>>) => {
    setBusy(true);
    const answer = await doing;
    setBusy(false);
    setFault(faultWords(answer));
    await queries.invalidateQueries({ queryKey: ['passkeys'] });
    return answer.ok;
  };
  const possible = kept.possible && canUsePasskeys();
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Passkeys">
      <h2 style={{ fontSize: 15.5 }}>Passkeys</h2>
      <p className="muted">
        A key that stays on your own device and opens by finger, face or the device’s PIN. It signs you in, and signs a job off in place of
        your PIN here.
      </p>
      {kept.passkeys.map((one) => (
        <div key={one.id} className="row-flex" style={{ justifyContent: 'space-between' }}>
          <span>
            <b>{one.name}</b>{' '}
            <small className="muted">
              made {day(one.madeAt)}
              {one.usedAt ? `, last used ${day(one.usedAt)}` : ', not used yet'}
            </small>
          </span>
          <Button disabled={busy} onClick={() => void take(api('DELETE', `/api/v1/me/passkeys/${encodeURIComponent(one.id)}`))}>
            End {one.name}
          </Button>
        </div>
      ))}
      {possible ? (
        <NameDevice onName={(name) => take(makePasskey(name))} />
      ) : (
        <p className="muted">
          {kept.possible
            ? 'This browser holds no passkeys here: they need https, or the machine itself.'
            : 'Passkeys belong to a name. Open Loyal Coil under its name (on this machine, localhost), not under a number, to make one.'}
        </p>
      )}
      <FaultNotice words={fault} />
    </section>
  );
}
