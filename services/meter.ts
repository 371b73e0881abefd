/**
 * Reads a panel meter over Modbus TCP with a register map: one connection for one reading, so that a meter that was gone is simply read
 * again. Every way in which it can fail is a sentence with what to do; nothing waits longer than the time given.
 */
import { certain, entriesOf } from '../core/certain';
import { Socket } from 'node:net';
import { client as modbusClient } from 'jsmodbus';
import * as yup from 'yup';
import { blocksOf, decode, mapFault, widthOf, type MeterReading, type RegisterEntry, type RegisterMap } from '../core/meter/register-map';
import { trimmedText } from '../core/case/trimmed-text';
import { ServiceError } from './service-error';
import { validate } from './validate';

const MAX_MS = 10_000;
export const meterSchema = yup
  .object({
    host: trimmedText()
      .max(253)
      .matches(/^[\w.:-]+$/, 'host is a name or address.')
      .required('host is missing: the address of the meter.'),
    port: yup.number().integer().min(1).max(65535).default(502),
    unitId: yup.number().integer().min(0).max(255).default(1),
    timeoutMs: yup.number().integer().min(50).max(MAX_MS).default(2000),
    map: yup
      .mixed<RegisterMap>()
      .required('map is missing: the registers of the meter.')
      .test('map', (value, context) => {
        const fault =
          typeof value === 'object' && value !== null && !Array.isArray(value)
            ? mapFault(value)
            : 'The register map is an object by quantity.';
        return fault === undefined || context.createError({ message: fault });
      }),
  })
  .typeError('The request must be a JSON object.');
/**
 * Is this one of the meters that the installation lists in LOYAL_COIL_METERS, as host:port joined by commas ('10.0.4.7:502, 127.0.0.1:*')? The
 * stand-in of the demo is one. Nothing else on the network is touched: a page could else be made to look through it.
 */
export function isListed(host: string, port: number): boolean {
  const listed = [process.env.LOYAL_COIL_METERS ?? '', process.env.LOYAL_COIL_METER ?? ''].join(',').split(',');
  const [exact, any] = [`${host.toLowerCase()}:${port}`, `${host.toLowerCase()}:*`];
  return listed.some((one) => one.trim().toLowerCase() === exact || one.trim().toLowerCase() === any);
}

export type MeterAddress = { host: string; port: number; unitId: number; timeoutMs: number; map: RegisterMap };

/** Exceptions of the protocol in words. Modbus application protocol, from memory. */
const exceptions: Record<number, string> = {
  1: 'does not know this kind of request: try the other table, input or holding',
  2: 'has no such register: check the address, many lists count from 1 or from 40001',
  3: 'refuses the number of registers: check form and address',
  4: 'reports a failure of its own',
  6: 'is busy: read it again',
  11: 'did not answer through its gateway: check the unit number',
};

const fail = (status: 502 | 504, reason: string): ServiceError => new ServiceError(status, [{ field: 'meter', reason }]);

function connected(socket: Socket, host: string, port: number, timeoutMs: number): Promise<void> {
  return new Promise((resolve, reject) => {
    const give = (reason: string) => {
      socket.destroy();
      reject(fail(502, reason));
    };
    socket.setTimeout(timeoutMs, () =>
      give(`The meter at ${host}:${port} did not take the connection within ${timeoutMs} ms. Check address, cable and that it is on.`),
    );
    const refused = (error: NodeJS.ErrnoException) =>
      give(
        error.code === 'ECONNREFUSED'
          ? `Nothing listens at ${host}:${port}. Check the port; 502 is usual.`
          : error.code === 'ENOTFOUND' || error.code === 'EAI_AGAIN'
            ? `'${host}' is not found on this network.`
            : `The meter at ${host}:${port} cannot be reached (${error.code ?? 'no reason given'}).`,
      );
    socket.once('error', refused);
    socket.connect({ host, port }, () => {
      socket.setTimeout(0);
      socket.removeListener('error', refused);
      resolve();
    });
  });
}

type Asked = { response: { body: { valuesAsArray: ArrayLike<number> } } };

/** Reads one block; rejects on an exception of the meter, a dropped connection, or silence. */
function readBlock(socket: Socket, ask: Promise<unknown>, leftMs: number, timeoutMs: number): Promise<number[]> {
  return new Promise((resolve, reject) => {
    const clock = setTimeout(
      () =>
        reject(
          fail(504, `The meter did not answer whole within ${timeoutMs} ms. It may be slow: allow it more time, or check the unit number.`),
        ),
      leftMs,
    );
    const gone = () =>
      reject(
        fail(
          502,
          'The meter closed the connection in the middle of an answer. Read it again; check that nobody else holds its only connection.',
        ),
      );
    socket.once('close', gone);
    socket.once('error', gone);
    ask
      .then(
        (answer) => resolve(Array.from((answer as Asked).response.body.valuesAsArray)),
        (error: { err?: string; message?: string; response?: { body?: { code?: number } } }) => {
          const code = error.response?.body?.code;
          reject(
            error.err === 'ModbusException' && code !== undefined
              ? fail(502, `The meter ${exceptions[code] ?? `answered with exception ${code}`}.`)
              : fail(502, 'What the meter answered is not Modbus as it should be. Check port and unit number.'),
          );
        },
      )
      .finally(() => clearTimeout(clock));
  });
}

/** Reads a meter once. Throws ServiceError 422 for what was asked wrongly, 502 or 504 for what the meter did. */
export async function readMeter(body: unknown): Promise<{ reading: MeterReading; millis: number }> {
  const { host, port, unitId, timeoutMs, map } = await validate(meterSchema, body);
  if (!isListed(host, port))
    throw new ServiceError(403, [
      {
        field: 'host',
        reason: `${host}:${port} is not among the meters of this installation. An administrator lists it in LOYAL_COIL_METERS.`,
      },
    ]);
  const began = performance.now();
  const socket = new Socket();
  // The client follows the socket from before it connects.
  const client = new modbusClient.TCP(socket, unitId, timeoutMs * 2);
  try {
    await connected(socket, host, port, timeoutMs);
    const blocks = blocksOf(map);
    const read: number[][] = [];
    for (const { table, start, count } of blocks) {
      const left = timeoutMs - (performance.now() - began);
      if (left <= 0) throw fail(504, `The meter did not answer whole within ${timeoutMs} ms. It may be slow: allow it more time.`);
      const ask = table === 'input' ? client.readInputRegisters(start, count) : client.readHoldingRegisters(start, count);
      read.push(await readBlock(socket, ask, left, timeoutMs));
    }
    const figure = ({ table, address, form, factor, lowWordFirst }: RegisterEntry): number | undefined => {
      const i = blocks.findIndex(
        (block) => block.table === table && address >= block.start && address + widthOf(form) <= block.start + block.count,
      );
      const registers = read[i]?.slice(address - certain(blocks[i]).start);
      if (!registers || registers.length < widthOf(form))
        throw fail(502, 'The meter gave fewer registers than were asked for: the address lies beyond its last one.');
      const value = decode(registers, { form, factor, lowWordFirst });
      return Number.isFinite(value) ? value : undefined;
    };
    const reading: MeterReading = {};
    for (const [name, entry] of entriesOf(map)) {
      const value = figure(entry);
      if (value === undefined) throw fail(502, `${name} reads as no figure: form or word order of its registers do not suit the meter.`);
      reading[name] = value;
    }
    return { reading, millis: Math.round(performance.now() - began) };
  } finally {
    socket.destroy();
  }
}
