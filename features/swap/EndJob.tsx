'use client';

import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { answerByPasskey } from '@/client/passkey';
import { read } from '@/client/Queries';
import { endingKinds, endingWords, openBeforeEnding, type EndingKind } from '@/core/swap/ending';
import type { Answers } from '@/services/interface/routes';
import { isWholePin } from '@/ui/forms/PinPad';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import { byPasskey, useSigners, WhoAnswers } from './card/Sign';
import { useJob } from './use-job';

type Way = EndingKind | 'discarded';
const wayWords = [...endingKinds.map((kind) => [kind, endingWords[kind].name] as const), ['discarded', 'Discard the job'] as const];
type Fields = { what: string; from: string; to: string; positionId: string };

/** Where the cause was found: the positions of this site. */
function Elsewhere({ value, onWord }: { value: string; onWord: (id: string) => void }) {
  const { view } = useJob();
  const desk = useQuery({
    queryKey: ['desk'],
    queryFn: ({ signal }) => read<Answers['GET /api/v1/desk']>('GET', '/api/v1/desk', undefined, signal),
  }).data;
  const places = (desk?.sites ?? [])
    .filter(({ id }) => id === view.site.id)
    .flatMap(({ panels }) =>
      panels.flatMap((panel) => panel.positions.map((one) => [one.id, `${one.tag} ${one.function}, ${panel.name}`] as const)),
    )
    .filter(([id]) => id !== view.position.id);
  return (
    <SelectBox<string>
      wide
      aria-label="Where it was found"
      value={value}
      options={[['', 'choose the position'] as const, ...places]}
      onWord={onWord}
    />
  );
}

function Words({ label, value, onText }: { label: string; value: string; onText: (text: string) => void }) {
  return (
    <label className="stack" style={{ gap: 4 }}>
      <span>{label}</span>
      <TextBox wide maxLength={500} value={value} onChange={(event) => onText(event.target.value)} />
    </label>
  );
}

/** What the way asks for, beside who answers. */
function Asked({ way, fields, onFields }: { way: Way; fields: Fields; onFields: (fields: Fields) => void }) {
  const put = (name: keyof Fields) => (text: string) => onFields({ ...fields, [name]: text });
  return (
    <>
      {way === 'elsewhere' && <Elsewhere value={fields.positionId} onWord={put('positionId')} />}
      <Words label={way === 'discarded' ? 'Why it is discarded' : endingWords[way].asks} value={fields.what} onText={put('what')} />
      {way === 'adjusted' && (
        <div className="row-flex">
          <Words label="Old setting" value={fields.from} onText={put('from')} />
          <Words label="New setting" value={fields.to} onText={put('to')} />
        </div>
      )}
    </>
  );
}

const bodyOf = (way: Way, { what, from, to, positionId }: Fields) =>
  way === 'discarded'
    ? { reason: what }
    : { kind: way, what, ...(way === 'adjusted' ? { from, to } : {}), ...(way === 'elsewhere' ? { positionId } : {}) };

/** The job ends without a new part: said how, signed by the own PIN, and it stands in the history. */
export function EndJob() {
  const { view, swap, state, practice, person } = useJob();
  const router = useRouter();
  const people = useSigners();
  const [way, setWay] = useState<Way | ''>('');
  const [fields, setFields] = useState<Fields>({ what: '', from: '', to: '', positionId: '' });
  const [who, setWho] = useState(person?.id ?? '');
  const [pin, setPin] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  if (view.status !== 'open' || !people) return null;
  const passkeys = byPasskey(way === 'discarded' ? people.approve : people.sign, who);
  const open = way && way !== 'discarded' ? openBeforeEnding(way, state, practice) : [];
  const end = async (by: 'pin' | 'passkey') => {
    if (!way || busy) return;
    setBusy(true);
    const unsaved = await swap.flush();
    if (unsaved !== undefined) {
      setBusy(false);
      return setFault(unsaved);
    }
    const send = (proof: { pin: string } | { passkey: unknown }) =>
      api('POST', `/api/v1/swaps/${view.id}/${way === 'discarded' ? 'discard' : 'end'}`, {
        ...{ version: swap.version(), ...proof, ...bodyOf(way, fields) },
        ...(way === 'discarded' ? { approver: who } : { signer: who }),
      });
    const answer = await (by === 'pin' ? send({ pin }) : answerByPasskey(who, (passkey) => send({ passkey })));
    if (answer.ok) return router.push(`/?position=${view.position.id}`);
    setBusy(false);
    setPin('');
    setFault(faultWords(answer));
  };
  const ready = !busy && open.length === 0 && who !== '' && fields.what.trim().length >= 8;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="End without a new part">
      <h2 style={{ fontSize: 15.5 }}>End without a new part</h2>
      <SelectBox<Way | ''>
        wide
        aria-label="How the job ends"
        value={way}
        options={[['', 'it goes on'] as const, ...wayWords]}
        onWord={setWay}
      />
      {way && (
        <>
          {open.length > 0 && <Notice kind="check">Make safe first: {open.join('; ')}.</Notice>}
          <Asked way={way} fields={fields} onFields={setFields} />
          <div style={{ maxWidth: 340 }}>
            <WhoAnswers
              label={way === 'discarded' ? 'Approved by, a foreman' : 'Answered for by'}
              people={way === 'discarded' ? people.approve : people.sign}
              id={who}
              onId={setWho}
              pin={pin}
              onPin={setPin}
            />
          </div>
          <FaultNotice words={fault} />
          <Button fullWidth disabled={!ready || !isWholePin(pin)} onClick={() => void end('pin')}>
            {way === 'discarded' ? 'Discard the job' : 'End the job'}
          </Button>
          {passkeys && (
            <Button fullWidth disabled={!ready} onClick={() => void end('passkey')}>
              {way === 'discarded' ? 'Discard it by passkey' : 'End it by passkey'}
            </Button>
          )}
        </>
      )}
    </section>
  );
}
