'use client';

import Button from '@mui/material/Button';
import { Controller } from 'react-hook-form';
import { familyOf } from '@/core/families/registry';
import { deviceKinds, drawTemplateSchema, newPositionSchema } from '@/core/plant/plant-fields';
import { nextTag, type TagHabit } from '@/core/plant/tags';
import { panelTemplates } from '@/core/plant/templates';
import type { Practice } from '@/core/case/case';
import { wordText } from '@/core/language/word-text';
import { FormFault } from '@/ui/forms/FormFault';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

/** Sends what was drawn; resolves to why it was refused, or to nothing. */
export type Draw = (path: string, body: object) => Promise<string | undefined>;

/** A rail as it is chosen, from 1; in the form from 0. */
const RailBox = ({ label, rails, rail, onRail }: { label: string; rails: number; rail: number; onRail: (rail: number) => void }) => (
  <SelectBox<string>
    wide
    aria-label={label}
    value={String(rail)}
    options={Array.from({ length: rails }, (_, i) => [String(i), `rail ${i + 1}`] as const)}
    onWord={(word) => onRail(Number(word))}
  />
);
export const deviceTitle = (device: string, practice: Practice): string =>
  familyOf(device)?.title[practice === 'IEC' ? 'iec' : 'nfpa'] ?? wordText(device);

/** A starter template: positions, tags and circuit at once. */
export function AddTemplate({ rails, practice, onDraw }: { rails: number; practice: Practice; onDraw: Draw }) {
  const start = { template: 'direct-on-line', name: '', rail: 0, loadPlate: '' };
  const { register, control, errors, ready, onSubmit } = useSentForm(drawTemplateSchema, start, async (wanted, startAgain) => {
    const fault = await onDraw('templates', wanted);
    if (!fault) startAgain({ ...start, template: wanted.template, rail: wanted.rail });
    return fault;
  });
  return (
    <form className="stack" aria-label="From a starter template" onSubmit={onSubmit}>
      <Controller
        control={control}
        name="template"
        render={({ field: { value, onChange } }) => (
          <SelectBox<string>
            wide
            aria-label="Starter template"
            value={value}
            onWord={onChange}
            options={panelTemplates.map(({ id, title }) => [id, title[practice === 'IEC' ? 'iec' : 'nfpa']] as const)}
          />
        )}
      />
      <TextBox wide aria-label="What the circuit is for" placeholder="what it is for: ballast pump 1" {...register('name', trimmed)} />
      <Controller
        control={control}
        name="rail"
        render={({ field }) => <RailBox label="Rail of the template" rails={rails} rail={field.value} onRail={field.onChange} />}
      />
      <TextBox
        wide
        rows={2}
        aria-label="Plate of its load"
        placeholder="plate of its load, if it can be read now"
        {...register('loadPlate')}
      />
      <Button type="submit" variant="contained" disabled={!ready}>
        Draw it
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}

/** One position: its device, tag, rail, and what its plates say. */
export function AddPosition({
  rails,
  habit,
  practice,
  tags,
  onDraw,
}: {
  rails: number;
  habit: TagHabit;
  practice: Practice;
  tags: readonly string[];
  onDraw: Draw;
}) {
  const start = {
    ...{ tag: '', function: '', device: 'contactor', loadKind: undefined, rail: 0, loadPlate: '', partPlate: '' },
  };
  const { register, control, watch, errors, ready, onSubmit } = useSentForm(newPositionSchema, start, async (wanted, startAgain) => {
    const fault = await onDraw('positions', wanted);
    if (!fault) startAgain({ ...start, device: wanted.device, rail: wanted.rail });
    return fault;
  });
  const device = watch('device');
  const loads = familyOf(device)?.loads ?? [];
  return (
    <form className="stack" aria-label="One position" onSubmit={onSubmit}>
      <Controller
        control={control}
        name="device"
        render={({ field: { value, onChange } }) => (
          <SelectBox<string>
            wide
            aria-label="Device"
            value={value}
            options={deviceKinds().map((kind) => [kind, deviceTitle(kind, practice)] as const)}
            onWord={onChange}
          />
        )}
      />
      {loads.length > 0 && (
        <Controller
          key={device}
          control={control}
          name="loadKind"
          render={({ field: { value, onChange } }) => (
            <SelectBox<string>
              wide
              aria-label="What it serves"
              value={loads.some((load) => load === value) ? (value ?? '') : ''}
              options={[['', `serves: ${wordText(loads[0] ?? '')}`] as const, ...loads.map((load) => [load, wordText(load)] as const)]}
              onWord={(word) => onChange(word || undefined)}
            />
          )}
        />
      )}
      <TextBox wide aria-label="Tag" placeholder={`tag: ${nextTag(habit, device, tags)} is free`} {...register('tag', trimmed)} />
      <TextBox wide aria-label="What it is for" placeholder="what it is for" {...register('function', trimmed)} />
      <Controller
        control={control}
        name="rail"
        render={({ field }) => <RailBox label="Rail of the position" rails={rails} rail={field.value} onRail={field.onChange} />}
      />
      {loads.length > 0 && (
        <>
          <TextBox wide rows={2} aria-label="Plate of what it serves" placeholder="plate of what it serves" {...register('loadPlate')} />
          <TextBox wide rows={2} aria-label="Plate of the part fitted" placeholder="plate of the part fitted" {...register('partPlate')} />
        </>
      )}
      <Button type="submit" variant="contained" disabled={!ready}>
        Place it
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}
