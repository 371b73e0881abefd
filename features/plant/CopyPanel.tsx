'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { api, faultWords } from '@/client/api';
import { copySchema } from '@/core/plant/plant-fields';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

/** The same panel once more: its positions and circuits, without what was read of the parts. */
export function CopyPanel({ panelId }: { panelId: string }) {
  const router = useRouter();
  const { register, errors, ready, onSubmit } = useSentForm(copySchema, { name: '' }, async (copy) => {
    const answer = await api<{ id: string }>('POST', `/api/v1/panels/${panelId}/copy`, copy);
    if (answer.ok) router.push(`/panels/${answer.value.id}`);
    return faultWords(answer);
  });
  return (
    <form className="row-flex" style={{ marginTop: 14 }} aria-label="Copy this panel" onSubmit={onSubmit}>
      <TextBox aria-label="Name of the copy" style={{ width: 220 }} placeholder="name of the copy" {...register('name', trimmed)} />
      <Button type="submit" disabled={!ready}>
        Copy this panel
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}
