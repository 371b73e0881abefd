import { TextBox } from '@/ui/forms/TextBox';
/** The name that a confirmation, an acknowledgement or an override carries. */
export function NameField({ label, name, onName }: { label: string; name: string; onName: (name: string) => void }) {
  return (
    <label className="row-flex">
      <span>{label}</span>
      <TextBox
        style={{ width: 200, fontFamily: 'var(--sans)' }}
        value={name}
        maxLength={80}
        onChange={(event) => onName(event.target.value)}
        placeholder="your name"
        autoComplete="name"
      />
    </label>
  );
}
