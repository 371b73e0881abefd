import { Notice } from '@/ui/shell/Notice';
import { certain } from '@/core/certain';
import type { PlateReading } from '@/core/plates/parse-plate';
import type { PlateDefinition } from '@/core/plates/plate-field';

/** What does not agree, stands there twice, is impossible or was not understood. Nothing of it is resolved silently. */
export function PlateFindings({ found, plate }: { found: PlateReading; plate: PlateDefinition }) {
  const label = (id: string) => plate.fields.find((field) => field.id === id)?.label ?? id;
  const repaired = Object.entries(found.readings).filter(([, reading]) => /' taken as /.test(reading.from ?? ''));
  const confirm = Object.values(found.readings).filter((reading) => reading.toConfirm).length;
  return (
    <div className="stack" style={{ gap: 6 }} role="status">
      {confirm > 0 && (
        <Notice kind="note">
          {confirm} mark{confirm === 1 ? '' : 's'} to confirm: hold {confirm === 1 ? 'it' : 'them'} against the plate; Enter says yes.
        </Notice>
      )}
      {found.conflicts.map(({ field, values }) => (
        <Notice kind="check" key={field}>
          {label(field)} stands there twice, {values.join(' and ')}: none was taken.
        </Notice>
      ))}
      {found.findings.map((one) => (
        <Notice kind={one.severity === 'impossible' ? 'fails' : 'check'} key={one.text}>
          {one.text} <span className="muted">{one.source}.</span>
        </Notice>
      ))}
      {found.faults.map((fault) => (
        <Notice kind="check" key={fault}>
          {fault}
        </Notice>
      ))}
      {repaired.length > 0 && (
        <p className="muted">
          Repaired, to confirm:{' '}
          {repaired.map(([id, reading]) => `${label(id)} (${/'[^;]*taken as [^;]*/.exec(certain(reading.from))?.[0] ?? ''})`).join('; ')}.
        </p>
      )}
      {found.rest.length > 0 && <p className="muted">Not understood: {found.rest.join(' · ').slice(0, 400)}.</p>}
    </div>
  );
}
