/** The reader against the stand-in, and against meters that misbehave: what is said, that nothing hangs, that it reads again. */
import { createServer, Socket, type AddressInfo, type Server } from 'node:net';
import { client as modbusClient } from 'jsmodbus';
import { afterEach, describe, expect, it } from 'vitest';
import { standInMap, type RegisterMap } from '../core/meter/register-map';
import { startPanelMeter, type PanelMeter } from '../standins/panel-meter';
import { readMeter } from './meter';
import { ServiceError } from './service-error';

const open: { close: () => Promise<void> }[] = [];
afterEach(async () => {
  await Promise.all(open.splice(0).map((one) => one.close()));
});

/** A clock that a test moves. */
async function meterAt(): Promise<PanelMeter & { at: (seconds: number) => void }> {
  let now = 0;
  const meter = await startPanelMeter(0, () => now);
  open.push(meter);
  return { ...meter, at: (seconds) => (now = seconds) };
}

/** A server that does with each connection what it is told. */
async function misbehaving(behave: (socket: Socket, request: Buffer) => void): Promise<number> {
  const sockets = new Set<Socket>();
  const server: Server = createServer((socket) => {
    sockets.add(socket);
    socket.on('error', () => socket.destroy());
    socket.on('data', (data) => behave(socket, data));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  open.push({
    close: () =>
      new Promise((resolve) => {
        for (const socket of sockets) socket.destroy();
        server.close(() => resolve());
      }),
  });
  return (server.address() as AddressInfo).port;
}

const ask = (port: number, more: Record<string, unknown> = {}) =>
  readMeter({ host: '127.0.0.1', port, unitId: 1, timeoutMs: 1500, map: standInMap, ...more });
const refusal = async (work: Promise<unknown>): Promise<{ status: number; reason: string }> =>
  work.then(
    () => {
      throw new Error('it should have been refused');
    },
    (error: unknown) => {
      if (!(error instanceof ServiceError)) throw error;
      return { status: error.status, reason: error.faults[0]!.reason };
    },
  );

async function choose(port: number, play: number) {
  const socket = new Socket();
  const client = new modbusClient.TCP(socket, 1);
  await new Promise<void>((resolve) => socket.connect(port, '127.0.0.1', () => resolve()));
  await client.writeSingleRegister(0, play);
  socket.destroy();
}

describe('the stand-in', () => {
  it('gives a healthy supply, line volts √3 of phase volts', async () => {
    const { reading } = await ask((await meterAt()).port);
    expect(reading.u12).toBeCloseTo(400, 3);
    expect(reading.u12! / reading.u1!).toBeCloseTo(Math.sqrt(3), 5);
    expect(reading.hertz).toBe(50);
    expect(reading.i2).toBe(38);
  });
  it('plays a lost phase when it is told to', async () => {
    const meter = await meterAt();
    await choose(meter.port, 3);
    meter.at(12);
    const { reading } = await ask(meter.port);
    expect(reading.u3! / reading.u1!).toBeCloseTo(0.84, 5);
    expect(reading.u12).toBeCloseTo(400, 3);
    expect(reading.u23!).toBeLessThan(380);
  });
  it('a map with a factor and whole numbers reads the raw registers', async () => {
    const meter = await meterAt();
    const map: RegisterMap = { hertz: { table: 'input', address: 18, form: 'uint16', factor: 0.5 } };
    // 50 as a float begins with 0x4248.
    expect((await ask(meter.port, { map })).reading.hertz).toBe(0x4248 / 2);
  });
});

describe('meters that misbehave', () => {
  it('nothing there', async () => {
    const meter = await startPanelMeter();
    await meter.close();
    expect(await refusal(ask(meter.port))).toMatchObject({ status: 502, reason: expect.stringMatching(/Nothing listens/) as string });
  });
  it('a register that it does not have', async () => {
    const { port } = await meterAt();
    const map: RegisterMap = { u12: { table: 'input', address: 900, form: 'float32', factor: 1 } };
    expect((await refusal(ask(port, { map }))).reason).toMatch(/no such register|beyond its last one/);
  });
  it('a connection that is dropped in the middle', async () => {
    const port = await misbehaving((socket) => socket.destroy());
    expect((await refusal(ask(port))).reason).toMatch(/closed the connection/);
  });
  it('half a frame, and then silence', async () => {
    const port = await misbehaving((socket, request) => socket.write(Buffer.concat([request.subarray(0, 4), Buffer.from([0, 43, 1])])));
    expect(await refusal(ask(port, { timeoutMs: 300 }))).toMatchObject({
      status: 504,
      reason: expect.stringMatching(/did not answer whole within 300 ms/) as string,
    });
  });
  it('a server that takes the connection and says nothing', async () => {
    const port = await misbehaving(() => {});
    expect((await refusal(ask(port, { timeoutMs: 200 }))).status).toBe(504);
  });
  it('an exception of the meter in words', async () => {
    const port = await misbehaving((socket, request) =>
      socket.write(Buffer.from([request[0]!, request[1]!, 0, 0, 0, 3, request[6]!, request[7]! | 0x80, 2])),
    );
    expect((await refusal(ask(port))).reason).toMatch(/no such register/);
  });
  it('something that is no meter at all', async () => {
    const port = await misbehaving((socket) => socket.write('HTTP/1.1 400 Bad Request\r\n\r\n'));
    expect((await refusal(ask(port, { timeoutMs: 400 }))).reason).toMatch(/Modbus|did not answer|closed/);
  });
  it('after a fault the next reading works', async () => {
    const meter = await meterAt();
    await refusal(ask(meter.port, { map: { u12: { table: 'holding', address: 4000, form: 'float32', factor: 1 } } }));
    expect((await ask(meter.port)).reading.u12).toBeCloseTo(400, 3);
    await meter.close();
    open.splice(0);
    await refusal(ask(meter.port));
    const again = await startPanelMeter(meter.port, () => 0);
    open.push(again);
    expect((await ask(again.port)).reading.u12).toBeCloseTo(400, 3);
  });
});

describe('what is asked wrongly', () => {
  it.each(['10.9.9.9', 'localhost', '127.0.0.2'])('%s is not among the meters, and is not touched', async (host) => {
    const answer = await refusal(ask(1, { host }));
    expect([answer.status, answer.reason]).toEqual([403, expect.stringContaining('not among the meters of this installation')]);
  });
  it.each([
    ['no host', { host: '' }, /host/],
    ['a host that is none', { host: 'a b; c' }, /name or address/],
    ['a port beyond all', { port: 70000 }, /port/],
    ['no map', { map: undefined }, /map/],
    ['a map that is a list', { map: [] }, /map/],
    ['more time than is given', { timeoutMs: 60000 }, /timeoutMs/],
  ])('%s', async (_, change, pattern) => {
    const answer = await refusal(ask(1, change));
    expect(answer.status).toBe(422);
    expect(answer.reason).toMatch(pattern);
  });
});
