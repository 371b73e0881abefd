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
        <p className="say note">
          {confirm} mark{confirm === 1 ? '' : 's'} to confirm: hold {confirm === 1 ? 'it' : 'them'} against the plate; Enter says yes.
        </p>
      )}
      {found.conflicts.map(({ field, values }) => (
        <p key={field} className="say check">
          {label(field)} stands there twice, {values.join(' and ')}: none was taken.
        </p>
      ))}
      {found.findings.map((one) => (
        <p key={one.text} className={`say ${one.severity === 'impossible' ? 'fails' : 'check'}`}>
          {one.text} <span className="muted">{one.source}.</span>
        </p>
      ))}
      {found.faults.map((fault) => (
        <p key={fault} className="say check">
          {fault}
        </p>
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
