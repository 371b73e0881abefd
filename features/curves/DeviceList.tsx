'use client';

import { FilePick } from '@/ui/forms/FilePick';
import { entriesOf } from '@/core/certain';
import { Slide } from '@/ui/forms/Slide';
import { SelectBox } from '@/ui/forms/SelectBox';
import ButtonBase from '@mui/material/ButtonBase';
import { TickBox } from '@/ui/forms/TickBox';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import { useState } from 'react';
import { deviceKinds, modelOf, type DeviceChoice } from '@/core/curves/curve-device';
import { readCurveCsv } from '@/core/curves/csv';
import { groundFaultDefaults } from '@/core/curves/trip-unit';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { citeSource } from '@/core/standards/source';
import { NumberBox } from '../../ui/forms/NumberBox';
import { textOfCurveFile } from '../../ui/forms/curve-file';
import { useSay } from '../../ui/language/practice';

/** The devices on the chart: kind, rating, settings; a curve of one's own from a file. */
export function DeviceList({
  devices,
  nema,
  chosen,
  onChoose,
  onChange,
}: {
  devices: readonly DeviceChoice[];
  nema: boolean;
  chosen?: string;
  onChoose: (id: string) => void;
  onChange: (devices: DeviceChoice[]) => void;
}) {
  const say = useSay();
  const [fault, setFault] = useState<string>();
  const patch = (id: string, change: Partial<DeviceChoice>) =>
    onChange(devices.map((one) => (one.id === id ? { ...one, ...change } : one)));
  const add = () => {
    const id = `device-${Date.now()}`;
    onChange([
      ...devices,
      { id, label: 'Miniature breaker C 20 A', kind: 'breaker-c', ratedAmps: 20, settings: {}, interruptingAmps: null, hot: false },
    ]);
    onChoose(id);
  };
  const readFile = async (picked: File | undefined) => {
    if (!picked) return;
    setFault(undefined);
    const given = await textOfCurveFile(picked);
    if (!given.ok) return setFault(given.fault);
    const read = readCurveCsv(given.text);
    if (!read.ok) return setFault(`${picked.name}: ${read.fault}`);
    const id = `file-${Date.now()}`;
    onChange([
      ...devices,
      {
        id,
        label: picked.name.replace(/\.[^.]+$/, '').slice(0, 40),
        kind: 'file',
        ratedAmps: 1,
        settings: {},
        interruptingAmps: null,
        hot: false,
        band: read.band,
      },
    ]);
    onChoose(id);
  };
  return (
    <section className="stack" aria-label="Devices on the chart">
      {devices.map((choice) => {
        const model = modelOf(choice, nema);
        const relay = choice.kind.startsWith('relay');
        return (
          <div
            key={choice.id}
            className={`sheet curve-device ${choice.id === chosen ? 'chosen' : ''}`}
            onFocus={() => onChoose(choice.id)}
            onClick={() => onChoose(choice.id)}
          >
            <div className="row-flex" style={{ justifyContent: 'space-between' }}>
              <b>{choice.label}</b>
              <ButtonBase
                className="plain"
                aria-label={`Remove ${choice.label} from the chart`}
                onClick={() => onChange(devices.filter((one) => one.id !== choice.id))}
              >
                Remove
              </ButtonBase>
            </div>
            {choice.kind !== 'file' && (
              <div className="curve-fields">
                <label>
                  <span>Kind</span>
                  <SelectBox
                    wide
                    aria-label={`Kind of ${choice.label}`}
                    value={choice.kind}
                    options={entriesOf(deviceKinds).filter(([kind]) => kind !== 'file' || choice.kind === 'file')}
                    onWord={(kind) => patch(choice.id, { kind, settings: {}, label: `${deviceKinds[kind]} ${choice.ratedAmps} A` })}
                  />
                </label>
                <NumberBox
                  label={relay ? 'Range to, A' : 'Rated, A'}
                  unit="A"
                  value={choice.ratedAmps}
                  min={0.1}
                  max={6300}
                  onValue={(value) =>
                    value !== null && patch(choice.id, { ratedAmps: value, settings: {}, label: `${deviceKinds[choice.kind]} ${value} A` })
                  }
                />
                {!relay && (
                  <NumberBox
                    label={say('Breaking capacity, A')}
                    unit="A"
                    value={choice.interruptingAmps}
                    min={100}
                    max={300000}
                    empty
                    onValue={(value) => patch(choice.id, { interruptingAmps: value })}
                  />
                )}
                {!relay && (
                  <NumberBox
                    label="Let-through, A²s"
                    unit="A²s"
                    value={choice.letThroughA2s ?? null}
                    min={1}
                    max={1e12}
                    empty
                    onValue={(value) => patch(choice.id, { letThroughA2s: value })}
                  />
                )}
              </div>
            )}
            {model?.settings.map((setting) => (
              <label key={setting.name} className="curve-setting">
                <span>
                  {setting.label}:{' '}
                  <b className="figure">
                    {setting.unit === 'x In' ? `${setting.value.toPrecision(3)} x` : formatQuantity(setting.value, setting.unit)}
                  </b>
                </span>
                <Slide
                  min={Math.log(setting.min)}
                  max={Math.log(setting.max)}
                  step="any"
                  value={Math.log(setting.value)}
                  onSlide={(value) =>
                    patch(choice.id, {
                      settings: { ...choice.settings, [setting.name]: Number(Math.exp(value).toPrecision(4)) },
                    })
                  }
                />
              </label>
            ))}
            {choice.kind === 'trip-unit' && (
              <>
                <label className="row-flex">
                  <TickBox
                    checked={model?.earthBand !== undefined}
                    onTick={(ticked) => {
                      const rest = Object.fromEntries(Object.entries(choice.settings).filter(([name]) => !name.startsWith('groundFault')));
                      patch(choice.id, { settings: ticked ? { ...rest, ...groundFaultDefaults(choice.ratedAmps) } : rest });
                    }}
                  />
                  <span>{say('Earth-fault function (G)')}</span>
                </label>
                <label className="row-flex">
                  <TickBox checked={choice.maintenance === true} onTick={(ticked) => patch(choice.id, { maintenance: ticked })} />
                  <span>Maintenance setting is on</span>
                </label>
              </>
            )}
            {relay && (
              <label className="row-flex">
                <TickBox checked={choice.hot} onTick={(ticked) => patch(choice.id, { hot: ticked })} />
                <span>From hot</span>
              </label>
            )}
            <small className="muted">
              {model
                ? `${model.note} ${citeSource(model.source)}.`
                : `${choice.ratedAmps} A is no standard size of this kind: its gates are not published.`}
            </small>
          </div>
        );
      })}
      <div className="row-flex">
        <Button onClick={add}>Add a device</Button>
        <FilePick accept=".csv,text/csv,text/plain" aria-label="Curve file" onFile={(file) => void readFile(file)}>
          Own curve, CSV
        </FilePick>
      </div>
      {fault && (
        <Notice kind="fails" role="alert">
          {fault}
        </Notice>
      )}
    </section>
  );
}
