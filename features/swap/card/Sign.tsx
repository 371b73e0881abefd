'use client';

import { useQuery } from '@tanstack/react-query';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { answerByPasskey, canUsePasskeys } from '@/client/passkey';
import { read } from '@/client/Queries';
import { DEMO_PIN, isDemoPerson } from '@/core/crew/demo';
import { mayDo } from '@/core/crew/rights';
import type { Obstacle } from '@/core/swap/sign-off';
import type { Answers } from '@/services/interface/routes';
import { isWholePin, PinPad } from '@/ui/forms/PinPad';
import { SelectBox } from '@/ui/forms/SelectBox';
import { FaultNotice } from '@/ui/shell/Notice';
import { several } from '../progress';
import { useJob } from '../use-job';

type Signers = Answers['GET /api/v1/signers'];
type Signer = Signers['sign'][number];

export const useSigners = () =>
  useQuery({ queryKey: ['signers'], queryFn: ({ signal }) => read<Signers>('GET', '/api/v1/signers', undefined, signal) }).data;

/** Who answers, and their PIN. */
export function WhoAnswers({
  label,
  people,
  id,
  onId,
  pin,
  onPin,
}: {
  label: string;
  people: readonly Signer[];
  id: string;
  onId: (id: string) => void;
  pin: string;
  onPin: (pin: string) => void;
}) {
  const chosen = people.find((one) => one.id === id);
  return (
    <div className="stack" style={{ gap: 8 }}>
      <label className="stack" style={{ gap: 4 }}>
        <span>{label}</span>
        <SelectBox
          wide
          value={id}
          onWord={onId}
          options={[['', 'choose'] as const, ...people.map((one) => [one.id, `${one.name}, ${one.role}`] as const)]}
        />
      </label>
      {chosen && !chosen.hasPin && <p className="muted">{chosen.name} sets a PIN first: under the own name, at the top right.</p>}
      <PinPad label={chosen ? `PIN of ${chosen.name}` : 'PIN'} pin={pin} onPin={onPin} />
      {chosen && isDemoPerson(chosen) && <p className="muted">In the demo every PIN is {DEMO_PIN}.</p>}
    </div>
  );
}

/** May this person answer by a passkey, on this device? */
export const byPasskey = (people: readonly Signer[], id: string): boolean =>
  canUsePasskeys() && people.some((one) => one.id === id && one.hasPasskey);

/** A second person approves an override, on this device, by their own PIN. */
function Approve({ obstacle, people }: { obstacle: Obstacle; people: readonly Signer[] }) {
  const { view, swap } = useJob();
  const [id, setId] = useState('');
  const [pin, setPin] = useState('');
  const [fault, setFault] = useState<string>();
  const approve = async (passkey: boolean) => {
    const unsaved = await swap.flush();
    if (unsaved !== undefined) return setFault(unsaved);
    const send = (proof: object) => api('POST', `/api/v1/swaps/${view.id}/approve`, { needId: obstacle.needId, approver: id, ...proof });
    const answer = await (passkey ? answerByPasskey(id, (given) => send({ passkey: given })) : send({ pin }));
    // The job has another version now: it is read again, whole.
    if (answer.ok) return window.location.reload();
    setPin('');
    setFault(faultWords(answer));
  };
  return (
    <section className="stack" aria-label="Approve the override">
      <p>What is overridden waits for a second person, who reads it beside this and answers for it by their own PIN.</p>
      <WhoAnswers label="Approved by" people={people} id={id} onId={setId} pin={pin} onPin={setPin} />
      <FaultNotice words={fault} />
      <Button fullWidth disabled={!id || !isWholePin(pin)} onClick={() => void approve(false)}>
        Approve the override
      </Button>
      {byPasskey(people, id) && (
        <Button fullWidth onClick={() => void approve(true)}>
          Approve by passkey
        </Button>
      )}
    </section>
  );
}

/** Who signs, and the signature: by a PIN, so that the name on the record is that of who stands here. */
export function Sign() {
  const { person, obstacles, signing } = useJob();
  const people = useSigners();
  const self = person && mayDo(person.role, 'sign') ? person.id : '';
  const [id, setId] = useState(self);
  const [pin, setPin] = useState('');
  const toApprove = obstacles.find(({ kind }) => kind === 'approve');
  if (!people) return <p className="muted">Reading who may sign.</p>;
  if (toApprove && obstacles.every(({ kind }) => kind === 'approve')) return <Approve obstacle={toApprove} people={people.approve} />;
  const sign = () => {
    setPin('');
    void signing.sign(id, pin);
  };
  return (
    <form
      className="stack"
      onSubmit={(event) => {
        event.preventDefault();
        sign();
      }}
    >
      {person && !self && <p className="muted">A mentor signs a job of an apprentice, here, by their own PIN.</p>}
      <WhoAnswers label="Signed by" people={people.sign} id={id} onId={setId} pin={pin} onPin={setPin} />
      <FaultNotice words={signing.fault} />
      <Button variant="contained" fullWidth type="submit" disabled={obstacles.length > 0 || signing.signing || !id || !isWholePin(pin)}>
        {signing.signing ? 'Signing' : 'Sign off'}
        <small>
          {obstacles.length > 0
            ? `${several(obstacles.length, 'thing')} still open`
            : signing.takes
              ? 'stock is reduced by one'
              : 'none in stock: nothing is taken from it'}
        </small>
      </Button>
      {byPasskey(people.sign, id) && (
        <Button fullWidth disabled={obstacles.length > 0 || signing.signing} onClick={() => void signing.sign(id, null)}>
          Sign off by passkey
        </Button>
      )}
    </form>
  );
}
