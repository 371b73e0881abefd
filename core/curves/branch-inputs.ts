/** What the curves desk is told of a branch, field by field, and the branch that follows. Null is not known. */
import { adiabaticK, crossSectionMm2, type AdiabaticKind } from '../standards/conductors';
import { FIRST_PEAK_FACTOR } from '../overcurrent/load-current';
import { curveDevice, type DeviceChoice } from './curve-device';
import type { Branch } from './judge-branch';

export type BranchInputs = {
  runningAmps: number | null;
  startAmps: number | null;
  startSeconds: number | null;
  stallSeconds: number | null;
  cableSize: string | null;
  cableKind: AdiabaticKind;
  cableAmps: number | null;
  highestFaultAmps: number | null;
  lowestFaultAmps: number | null;
  /** The least fault is one to earth, which an earth-fault function sees. */
  leastFaultToEarth: boolean;
  clearWithinSeconds: number | null;
};

/** k²S² of the cable, A²s, or null. */
export function cableWithstand({ cableSize, cableKind }: BranchInputs): number | null {
  const mm2 = cableSize === null ? undefined : crossSectionMm2(cableSize);
  return mm2 === undefined ? null : (adiabaticK[cableKind] * mm2) ** 2;
}

/** Puts devices and inputs together as the judgements take them. */
export function branchOf(inputs: BranchInputs, devices: readonly DeviceChoice[], nema: boolean): Branch {
  const { startAmps, startSeconds } = inputs;
  return {
    devices: devices.flatMap((choice) => curveDevice(choice, nema) ?? []),
    start:
      startAmps !== null && startSeconds !== null
        ? { amps: startAmps, seconds: startSeconds, firstPeakAmps: startAmps * FIRST_PEAK_FACTOR }
        : null,
    runningAmps: inputs.runningAmps,
    stallSeconds: inputs.stallSeconds,
    cableA2s: cableWithstand(inputs),
    cableAmps: inputs.cableAmps,
    highestFaultAmps: inputs.highestFaultAmps,
    lowestFaultAmps: inputs.lowestFaultAmps,
    leastFaultToEarth: inputs.leastFaultToEarth,
    nema,
    clearWithinSeconds: inputs.clearWithinSeconds,
  };
}
