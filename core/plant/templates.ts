/**
 * What stands before a load as a rule? Starter templates: each makes the positions of one circuit, device by device in the order of the
 * current. Order and devices: common practice; what is really there is read from its plates.
 */
import type { CircuitKind } from '../circuit/circuit';

/** Where a mark comes from that a template knows and nobody has read. */
export const FROM_TEMPLATE = 'starter template';

export type TemplatePosition = {
  /** A family, or a device that is not judged. */
  device: string;
  /** What of the circuit it is; empty: the circuit itself. */
  role: string;
  /** Kind of load that it serves; null where the device is not judged. */
  loadKind: string | null;
  /** What of its load the template knows: how it starts, and which contactor it is. */
  load?: Readonly<Record<string, string>>;
};
export type PanelTemplate = {
  id: string;
  title: { iec: string; nfpa: string };
  circuit: CircuitKind;
  positions: readonly TemplatePosition[];
};

const motor = (device: string, role = '', load?: TemplatePosition['load']): TemplatePosition => ({
  ...{ device, role, loadKind: 'motor-3ph' },
  ...(load ? { load } : {}),
});
const plain = (device: string, loadKind: string | null, role = ''): TemplatePosition => ({ device, role, loadKind });

export const panelTemplates: readonly PanelTemplate[] = [
  {
    id: 'direct-on-line',
    title: { iec: 'Direct-on-line starter', nfpa: 'Across-the-line starter' },
    circuit: 'load',
    positions: [motor('breaker'), motor('contactor', '', { starter: 'direct-on-line' }), motor('overload-relay')],
  },
  {
    id: 'reversing',
    title: { iec: 'Reversing starter', nfpa: 'Reversing starter' },
    circuit: 'load',
    positions: [
      motor('breaker'),
      motor('contactor', 'forward', { starter: 'reversing', starterRole: 'forward' }),
      motor('contactor', 'reverse', { starter: 'reversing', starterRole: 'reverse' }),
      motor('overload-relay'),
    ],
  },
  {
    id: 'star-delta',
    title: { iec: 'Star-delta starter', nfpa: 'Wye-delta starter' },
    circuit: 'load',
    positions: [
      motor('breaker'),
      motor('contactor', 'line', { starter: 'star-delta', starterRole: 'line' }),
      motor('contactor', 'delta', { starter: 'star-delta', starterRole: 'delta' }),
      motor('contactor', 'star', { starter: 'star-delta', starterRole: 'star' }),
      motor('overload-relay'),
      plain('timing-relay', 'contactor-coil', 'changeover'),
    ],
  },
  {
    id: 'autotransformer',
    title: { iec: 'Autotransformer starter', nfpa: 'Autotransformer starter' },
    circuit: 'load',
    positions: [
      motor('breaker'),
      motor('contactor', 'run', { starter: 'autotransformer', starterRole: 'autotransformer-run' }),
      motor('contactor', 'start', { starter: 'autotransformer', starterRole: 'autotransformer-start' }),
      motor('contactor', 'neutral point', { starter: 'autotransformer' }),
      plain('transformer', null, 'autotransformer'),
      motor('overload-relay'),
      plain('timing-relay', 'contactor-coil', 'changeover'),
    ],
  },
  {
    id: 'soft-starter',
    title: { iec: 'Soft starter', nfpa: 'Soft starter' },
    circuit: 'load',
    positions: [
      motor('breaker'),
      motor('contactor', 'line', { starter: 'soft-starter', starterRole: 'line' }),
      plain('soft-starter', null),
    ],
  },
  {
    id: 'drive',
    title: { iec: 'Drive feeder', nfpa: 'Drive feeder' },
    circuit: 'load',
    positions: [
      motor('breaker'),
      motor('contactor', 'line', { starter: 'variable-speed-drive', starterRole: 'line' }),
      plain('drive', null),
    ],
  },
  {
    id: 'lighting',
    title: { iec: 'Lighting contactor', nfpa: 'Lighting contactor' },
    circuit: 'load',
    positions: [plain('breaker', 'conductor-feeder'), plain('contactor', 'lamp-bank')],
  },
  {
    id: 'sockets',
    title: { iec: 'Socket group behind a residual-current device', nfpa: 'Receptacle group behind a ground-fault device' },
    circuit: 'load',
    positions: [plain('residual-current', 'socket-circuit'), plain('breaker', 'socket-circuit')],
  },
  {
    id: 'control-transformer',
    title: { iec: 'Control transformer with fuses', nfpa: 'Control transformer with fuses' },
    circuit: 'control',
    positions: [
      plain('fuse', 'transformer', 'L1'),
      plain('fuse', 'transformer', 'L2'),
      plain('transformer', null, 'transformer'),
      plain('fuse', 'conductor-feeder', 'control side'),
    ],
  },
  {
    id: 'control-relays',
    title: { iec: 'Control-relay group', nfpa: 'Control-relay group' },
    circuit: 'load',
    positions: ['1', '2', '3', '4'].map((role) => plain('control-relay', 'contactor-coil', role)),
  },
  {
    id: 'air-breaker',
    title: { iec: 'Air-breaker incomer with its accessories', nfpa: 'Power-breaker main with its accessories' },
    circuit: 'load',
    positions: [
      plain('air-breaker', 'distribution-board'),
      plain('breaker-coil', 'air-breaker-accessory', 'closing coil'),
      plain('breaker-coil', 'air-breaker-accessory', 'shunt trip'),
      plain('breaker-coil', 'air-breaker-accessory', 'undervoltage release'),
    ],
  },
];

export const templateOf = (id: string): PanelTemplate | undefined => panelTemplates.find((one) => one.id === id);
