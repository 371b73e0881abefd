'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { entriesOf } from '@/core/certain';
import { deviceKinds, modelOf, type DeviceChoice } from '@/core/curves/curve-device';
import { groundFaultDefaults } from '@/core/curves/trip-unit';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { citeSource } from '@/core/standards/source';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { Slide } from '@/ui/forms/Slide';
import { TickBox } from '@/ui/forms/TickBox';
import { useSay } from '@/ui/language/practice';
import curvesStyle from '@/ui/styles/curves.module.css';

type Patch = (change: Partial<DeviceChoice>) => void;
type Setting = NonNullable<ReturnType<typeof modelOf>>['settings'][number];
const isRelay = ({ kind }: DeviceChoice) => kind.startsWith('relay');

/** What the device is: kind, rating, and what it breaks and lets through. */
function Ratings({ choice, onPatch }: { choice: DeviceChoice; onPatch: Patch }) {
  const say = useSay();
  const relay = isRelay(choice);
  return (
    <div className={curvesStyle.curveFields}>
      <label>
        <span>Kind</span>
        <SelectBox
          wide
          aria-label={`Kind of ${choice.label}`}
          value={choice.kind}
          options={entriesOf(deviceKinds).filter(([kind]) => kind !== 'file')}
          onWord={(kind) => onPatch({ kind, settings: {}, label: `${deviceKinds[kind]} ${choice.ratedAmps} A` })}
        />
      </label>
      <NumberBox
        label={relay ? 'Range to, A' : 'Rated, A'}
        unit="A"
        value={choice.ratedAmps}
        min={0.1}
        max={6300}
        onValue={(value) => value !== null && onPatch({ ratedAmps: value, settings: {}, label: `${deviceKinds[choice.kind]} ${value} A` })}
      />
      {!relay && (
        <NumberBox
          label={say('Breaking capacity, A')}
          unit="A"
          value={choice.interruptingAmps}
          min={100}
          max={300000}
          empty
          onValue={(interruptingAmps) => onPatch({ interruptingAmps })}
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
          onValue={(letThroughA2s) => onPatch({ letThroughA2s })}
        />
      )}
    </div>
  );
}

/** A dial of the device; it moves by ratio, as the chart does. */
const Dial = ({ setting, onValue }: { setting: Setting; onValue: (value: number) => void }) => (
  <label className={curvesStyle.curveSetting}>
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
      onSlide={(value) => onValue(Number(Math.exp(value).toPrecision(4)))}
    />
  </label>
);

/** What a trip unit has on or off. */
function TripUnitTicks({ choice, earthFault, onPatch }: { choice: DeviceChoice; earthFault: boolean; onPatch: Patch }) {
  const say = useSay();
  const earth = (on: boolean) => {
    const rest = Object.fromEntries(Object.entries(choice.settings).filter(([name]) => !name.startsWith('groundFault')));
    onPatch({ settings: on ? { ...rest, ...groundFaultDefaults(choice.ratedAmps) } : rest });
  };
  return (
    <>
      <label className="row-flex">
        <TickBox checked={earthFault} onTick={earth} />
        <span>{say('Earth-fault function (G)')}</span>
      </label>
      <label className="row-flex">
        <TickBox checked={choice.maintenance === true} onTick={(maintenance) => onPatch({ maintenance })} />
        <span>Maintenance setting is on</span>
      </label>
    </>
  );
}

/** One device on the chart: what it is, its dials, and where its curve comes from. */
export function DeviceCard({
  choice,
  nema,
  chosen,
  onChoose,
  onPatch,
  onRemove,
}: {
  choice: DeviceChoice;
  nema: boolean;
  chosen: boolean;
  onChoose: () => void;
  onPatch: Patch;
  onRemove: () => void;
}) {
  const model = modelOf(choice, nema);
  return (
    <div className={`sheet ${curvesStyle.curveDevice} ${chosen ? 'chosen' : ''}`} onFocus={onChoose} onClick={onChoose}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <b>{choice.label}</b>
        <ButtonBase className="plain" aria-label={`Remove ${choice.label} from the chart`} onClick={onRemove}>
          Remove
        </ButtonBase>
      </div>
      {choice.kind !== 'file' && <Ratings choice={choice} onPatch={onPatch} />}
      {model?.settings.map((setting) => (
        <Dial
          key={setting.name}
          setting={setting}
          onValue={(value) => onPatch({ settings: { ...choice.settings, [setting.name]: value } })}
        />
      ))}
      {choice.kind === 'trip-unit' && <TripUnitTicks choice={choice} earthFault={model?.earthBand !== undefined} onPatch={onPatch} />}
      {isRelay(choice) && (
        <label className="row-flex">
          <TickBox checked={choice.hot} onTick={(hot) => onPatch({ hot })} />
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
}
