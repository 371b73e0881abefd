'use client';

import Button from '@mui/material/Button';
import { savePositionSchema } from '@/core/plant/plant-fields';
import { FormFault } from '@/ui/forms/FormFault';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { Link } from '@/ui/shell/Link';
import type { DrawnPosition } from './DrawnRails';

export type Change = Partial<Pick<DrawnPosition, 'tag' | 'function' | 'rail' | 'slot' | 'archived'>> & {
  panelId?: string;
  loadPlate?: string;
  partPlate?: string;
};

/** The chosen position: renamed, its plates read, put away. */
export function ChosenPosition({
  position,
  panelId,
  others,
  onChange,
}: {
  position: DrawnPosition;
  panelId: string;
  /** The other panels of its site. */
  others: readonly { id: string; name: string }[];
  onChange: (change: Change) => Promise<string | undefined>;
}) {
  const { tag, function: fn, version } = position;
  const { register, errors, ready, onSubmit } = useSentForm(
    savePositionSchema,
    { version, tag, function: fn, loadPlate: '', partPlate: '' },
    async ({ tag: newTag, function: newFunction, loadPlate, partPlate }) =>
      onChange({
        ...{ tag: newTag, function: newFunction },
        // An empty field takes nothing back: what was read stands.
        ...(loadPlate ? { loadPlate } : {}),
        ...(partPlate ? { partPlate } : {}),
      }),
  );
  return (
    <form className="stack" aria-label={`Change ${tag}`} onSubmit={onSubmit}>
      <h2 style={{ fontSize: 15.5 }}>
        {tag} {fn}
      </h2>
      <p className="muted">
        {position.deviceName}. {position.read.load} marks of its load and {position.read.part} of the part are read.
      </p>
      <TextBox wide aria-label="Its tag" {...register('tag', trimmed)} />
      <TextBox wide aria-label="Its purpose" {...register('function', trimmed)} />
      {position.loadKind !== null && (
        <>
          <TextBox
            wide
            rows={2}
            aria-label="Read the plate of what it serves"
            placeholder="plate of what it serves"
            {...register('loadPlate')}
          />
          <TextBox
            wide
            rows={2}
            aria-label="Read the plate of the part"
            placeholder="plate of the part fitted"
            {...register('partPlate')}
          />
        </>
      )}
      <div className="row-flex">
        <Button type="submit" variant="contained" disabled={!ready}>
          Keep
        </Button>
        <Button onClick={() => void onChange({ archived: true })}>Put {tag} away</Button>
        <Link href={`/?panel=${panelId}&position=${position.id}`}>Work at it</Link>
      </div>
      {others.length > 0 && (
        <SelectBox
          wide
          aria-label={`Move ${tag} to another panel`}
          value=""
          options={[['', 'Move it to another panel'] as const, ...others.map(({ id, name }) => [id, name] as const)]}
          onWord={(id) => id && void onChange({ panelId: id })}
        />
      )}
      <FormFault errors={errors} />
    </form>
  );
}
