'use client';

import { numberMark } from '@/core/case/case';
import { SelectBox } from '@/ui/forms/SelectBox';
import ButtonBase from '@mui/material/ButtonBase';
import { TextBox } from '@/ui/forms/TextBox';
import { TickBox } from '@/ui/forms/TickBox';
import { certain } from '@/core/certain';
import { elementFields, elementTitles } from '@/core/supply/element-fields';
import type { Element } from '@/core/supply/path';
import { NumberBox } from '../../ui/forms/NumberBox';
import curvesStyle from '@/ui/styles/curves.module.css';

/** The figures of one element. */
export function ElementForm({
  element,
  onChange,
  onRemove,
}: {
  element: Element;
  onChange: (element: Element) => void;
  onRemove: () => void;
}) {
  const values: Record<string, unknown> = { ...element };
  const put = (name: string, value: unknown) => {
    onChange({ ...element, [name]: value });
  };
  return (
    <section className={`sheet ${curvesStyle.curveDevice}`} aria-label={`${elementTitles[element.kind]} ${element.name}`}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <b>{elementTitles[element.kind]}</b>
        <ButtonBase className="plain" onClick={onRemove}>
          Take out
        </ButtonBase>
      </div>
      <div className={curvesStyle.curveFields}>
        <label>
          <span>Name</span>
          <TextBox wide value={element.name} maxLength={60} onChange={(event) => put('name', event.target.value)} />
        </label>
        {elementFields[element.kind].map((field) =>
          field.name === 'on' ? (
            <label key={field.name}>
              <span>{field.label}</span>
              <TextBox
                wide
                type="date"
                value={String(values.on)}
                onChange={(event) => event.target.value && put('on', event.target.value)}
              />
            </label>
          ) : field.kind === 'flag' ? (
            <label key={field.name} className="row-flex">
              <TickBox checked={values[field.name] === true} onTick={(ticked) => put(field.name, ticked)} />
              <span>{field.label}</span>
            </label>
          ) : field.kind === 'word' ? (
            <label key={field.name}>
              <span>{field.label}</span>
              <SelectBox<string>
                wide
                value={String(values[field.name] ?? '')}
                options={[...(field.optional ? [['', 'as the line'] as const] : []), ...certain(field.words)]}
                onWord={(word) => put(field.name, word || undefined)}
              />
            </label>
          ) : (
            <NumberBox
              key={field.name}
              label={field.label}
              unit={field.unit === 'ratio' ? '' : (field.unit ?? '')}
              value={numberMark(values, field.name) ?? null}
              min={field.above !== undefined ? 1e-9 : (field.min ?? 0)}
              max={certain(field.max)}
              empty={field.optional}
              placeholder={field.name === 'faultVA' ? 'endless' : 'not measured'}
              onValue={(value) => put(field.name, value)}
            />
          ),
        )}
      </div>
    </section>
  );
}
