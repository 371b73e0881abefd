import { NumberBox } from '../../ui/forms/NumberBox';
import type { BoxGroup } from './watch-words';
import relaysStyle from '@/ui/styles/relays.module.css';

/** Figures by what they are about, each with its unit and what it means. */
export function BoxGroups<T extends object>({
  groups,
  values,
  placeholder,
  onValue,
}: {
  groups: readonly BoxGroup<T>[];
  values: T;
  placeholder: string;
  onValue: (name: keyof T, value: number | null) => void;
}) {
  return groups.map(({ title, boxes }) => (
    <fieldset key={title} className={relaysStyle.labGroup}>
      <legend>{title}</legend>
      <div className={relaysStyle.labBoxes}>
        {boxes.map(({ name, label, unit, min, max, empty, meaning }) => (
          <NumberBox
            key={String(name)}
            label={label}
            unit={unit}
            value={typeof values[name] === 'number' ? values[name] : null}
            min={min}
            max={max}
            empty={empty}
            placeholder={placeholder}
            hint={meaning}
            onValue={(value) => onValue(name, value)}
          />
        ))}
      </div>
    </fieldset>
  ));
}
