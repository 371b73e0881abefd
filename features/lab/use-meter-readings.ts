'use client';

import { useEffect, useRef, useState } from 'react';
import { readMeterOnce } from '@/client/read-meter';
import type { Meter } from '@/client/use-meter';
import { certain } from '@/core/certain';
import type { MeterReading } from '@/core/meter/register-map';
import { emptySamples, type Recording } from '@/core/monitoring/samples';

const EVERY_MS = 500;
const MAX_READINGS = 7200;

type Taken = { at: number; reading: MeterReading };

/** Readings as a recording at equal steps: each step has the newest reading there was. */
function recordingOf(taken: readonly Taken[], toNeutral: boolean): Recording {
  const step = EVERY_MS / 1000;
  const began = certain(taken[0]).at;
  const count = Math.max(2, Math.floor((certain(taken.at(-1)).at - began) / EVERY_MS) + 1);
  const samples = emptySamples(count, step, toNeutral ? 'line-to-neutral' : 'line-to-line');
  const names = toNeutral ? (['u1', 'u2', 'u3'] as const) : (['u12', 'u23', 'u31'] as const);
  let k = 0;
  for (let i = 0; i < count; i += 1) {
    while (k + 1 < taken.length && certain(taken[k + 1]).at <= began + i * EVERY_MS) k += 1;
    const { reading } = certain(taken[k]);
    names.forEach((name, phase) => (certain(samples.volts[phase])[i] = reading[name] ?? 0));
    samples.hertz[i] = reading.hertz ?? Number.NaN;
  }
  return { samples, events: [] };
}

/** A meter read once, or again and again until it is stopped; `onRecording` takes what was recorded. */
export function useMeterReadings({ at, unitId, map }: Meter, onRecording?: (recording: Recording, name: string) => void) {
  const [reading, setReading] = useState<MeterReading>();
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [taken, setTaken] = useState<Taken[]>();
  const recording = taken !== undefined;
  const asking = useRef(false);
  useEffect(() => {
    if (!recording) return;
    const timer = setInterval(async () => {
      // A slow meter is not asked twice at once.
      if (asking.current) return;
      asking.current = true;
      const answer = await readMeterOnce(at, unitId, map).finally(() => (asking.current = false));
      setFault(answer.ok ? undefined : `${answer.fault} It is asked again.`);
      if (!answer.ok) return;
      setReading(answer.reading);
      setTaken((before) => before && [...before, { at: performance.now(), reading: answer.reading }].slice(-MAX_READINGS));
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [recording, at, unitId, map]);
  return {
    ...{ reading, fault, busy, recording, count: taken?.length ?? 0 },
    once: async () => {
      setBusy(true);
      const answer = await readMeterOnce(at, unitId, map);
      setBusy(false);
      setFault(answer.ok ? undefined : answer.fault);
      if (answer.ok) setReading(answer.reading);
    },
    record: () => setTaken([]),
    finish: () => {
      if (taken && taken.length > 1) onRecording?.(recordingOf(taken, reading?.u12 === undefined), `panel meter, ${taken.length} readings`);
      setTaken(undefined);
    },
  };
}
