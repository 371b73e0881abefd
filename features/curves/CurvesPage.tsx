'use client';

import { Link } from '@/ui/shell/Link';
import { useState } from 'react';
import type { BranchInputs } from '@/core/curves/branch-inputs';
import type { DeviceChoice } from '@/core/curves/curve-device';
import type { CurveBranch } from '@/services/curve-branch';
import { CurvesDesk } from '@/features/curves/CurvesDesk';
import { Shell } from '../shell/Shell';

/** A branch to begin with, made up. */
const sample: CurveBranch = {
  title: 'Curves',
  practice: 'IEC',
  inputs: {
    runningAmps: 26,
    startAmps: 178,
    startSeconds: 3,
    stallSeconds: 16,
    cableSize: '10 mm²',
    cableKind: 'copper PVC',
    cableAmps: 44,
    highestFaultAmps: 4800,
    lowestFaultAmps: 820,
    leastFaultToEarth: true,
    clearWithinSeconds: 5,
  },
  devices: [
    { id: 'fuse', label: 'Fuse gG 63 A', kind: 'fuse-gg', ratedAmps: 63, settings: {}, interruptingAmps: 100000, hot: false },
    {
      id: 'relay',
      label: 'Overload relay class 10, 26 A',
      kind: 'relay-10',
      ratedAmps: 32,
      settings: { dialAmps: 26 },
      interruptingAmps: null,
      hot: false,
    },
  ],
};

/** The curves desk, of a position or with figures of one's own. Nothing here changes the position. */
export function CurvesPage({ branch = sample, position }: { branch?: CurveBranch; position?: string }) {
  const [inputs, setInputs] = useState<BranchInputs>(branch.inputs);
  const [devices, setDevices] = useState<DeviceChoice[]>(branch.devices);
  return (
    <Shell here="/curves">
      <main className="middle" id="main" style={{ maxWidth: 1280, margin: '0 auto' }}>
        <CurvesDesk
          title={branch.title}
          practice={branch.practice}
          inputs={inputs}
          devices={devices}
          onInputs={setInputs}
          onDevices={setDevices}
        />
        {position && (
          <p className="muted no-print" style={{ marginTop: 12 }}>
            From the plates of this position; changes here stay here. <Link href="/curves">Start with your own figures</Link>.
          </p>
        )}
      </main>
    </Shell>
  );
}
