/**
 * A panel meter that is not there: Modbus TCP on loopback, playing supply events. Input registers from 0, two for each figure, floating
 * point: U12, U23, U31, U1N, U2N, U3N, I1, I2, I3, Hz. Holding register 0 chooses what it plays (see `plays`); it loops.
 * Alone: npx tsx standins/panel-meter.ts 5020
 */
import { createServer, type AddressInfo } from 'node:net';
import { server as modbusServer } from 'jsmodbus';
import { makeRecording, type Scenario } from '../core/monitoring/scenarios';
import { countOf, type Samples } from '../core/monitoring/samples';

const LINE_VOLTS = 400;
const HERTZ = 50;
const RUNNING_AMPS = 38;
const STEP_SECONDS = 0.1;
const LOOP_SECONDS = 60;

/** What it plays, by the number in holding register 0. */
export const plays: readonly { name: string; scenarios: readonly Scenario[] }[] = [
  { name: 'healthy', scenarios: [] },
  { name: 'sag', scenarios: [{ kind: 'sag', atSeconds: 10, seconds: 6, leftPercent: 80, phases: 3, mustTrip: true }] },
  { name: 'swell', scenarios: [{ kind: 'swell', atSeconds: 10, seconds: 10, percent: 114, mustTrip: true }] },
  { name: 'lost phase', scenarios: [{ kind: 'lost-phase', atSeconds: 5, seconds: 30, heldPercent: 84, mustTrip: true }] },
  { name: 'drift', scenarios: [{ kind: 'drift', atSeconds: 5, seconds: 50, toPercent: 84, mustTrip: true }] },
  {
    name: 'changeover',
    scenarios: [{ kind: 'changeover', atSeconds: 10, deadSeconds: 8, settleSeconds: 4, startPercent: 85, startHertz: 46, mustTrip: false }],
  },
];

const played = (scenarios: readonly Scenario[]): [lines: Samples, phases: Samples] => {
  const shape = { lineVolts: LINE_VOLTS, hertz: HERTZ, stepSeconds: STEP_SECONDS, seconds: LOOP_SECONDS };
  return [
    makeRecording({ ...shape, between: 'line-to-line' }, scenarios).samples,
    makeRecording({ ...shape, between: 'line-to-neutral' }, scenarios).samples,
  ];
};

export type PanelMeter = { port: number; close: () => Promise<void> };

/** Starts the stand-in on loopback; port 0 takes any that is free. */
export async function startPanelMeter(port = 0, clock: () => number = () => performance.now() / 1000): Promise<PanelMeter> {
  const net = createServer();
  const input = Buffer.alloc(64);
  const holding = Buffer.alloc(64);
  const coils = Buffer.alloc(2);
  const meter = new modbusServer.TCP(net, { input, holding, coils, discrete: coils });
  const recordings = plays.map(({ scenarios }) => played(scenarios));
  const began = clock();
  const refresh = () => {
    const [lines, phases] = recordings[holding.readUInt16BE(0)] ?? recordings[0]!;
    const i = Math.floor((clock() - began) / STEP_SECONDS) % countOf(lines);
    const alive = phases.volts.map((column) => column[i]! > (LINE_VOLTS / Math.sqrt(3)) * 0.1);
    const figures = [
      ...lines.volts.map((column) => column[i]!),
      ...phases.volts.map((column) => column[i]!),
      ...alive.map((on) => (on ? RUNNING_AMPS : 0)),
      lines.hertz[i]!,
    ];
    figures.forEach((figure, k) => input.writeFloatBE(figure, 4 * k));
  };
  refresh();
  // The figures are those of the instant at which they are asked for.
  meter.on('preReadInputRegisters', refresh);
  const sockets = new Set<{ destroy: () => void }>();
  net.on('connection', (socket) => {
    sockets.add(socket);
    socket.on('close', () => sockets.delete(socket));
    socket.on('error', () => socket.destroy());
  });
  await new Promise<void>((resolve, reject) => {
    net.once('error', reject);
    net.listen(port, '127.0.0.1', resolve);
  });
  return {
    port: (net.address() as AddressInfo).port,
    close: () =>
      new Promise((resolve) => {
        for (const socket of sockets) socket.destroy();
        net.close(() => resolve());
      }),
  };
}

if (process.argv[1]?.endsWith('panel-meter.ts')) {
  const { port, close } = await startPanelMeter(Number(process.argv[2] ?? 0));
  console.log(`panel meter stand-in on 127.0.0.1:${port}`);
  // Whoever started it holds the other end, and may be killed without a word: then it ends as well.
  if (process.argv.includes('--beside')) process.stdin.resume().once('close', () => void close());
}
