import type { MeterReading, RegisterMap } from '@/core/meter/register-map';
import { api, faultWords } from './api';

export type MeterAnswer = { ok: true; reading: MeterReading } | { ok: false; fault: string };

/** Asks the server to read a meter once; 'host:port', the port 502 where it is left out. */
export async function readMeterOnce(at: string, unitId: number, map: RegisterMap): Promise<MeterAnswer> {
  const match = /^\s*(.+?)(?::(\d{1,5}))?\s*$/.exec(at);
  if (!match) return { ok: false, fault: 'Enter the address of the meter, such as 192.168.1.20:502.' };
  const body = { host: match[1], port: Number(match[2] ?? 502), unitId, map };
  const answer = await api<{ reading?: MeterReading }>('POST', '/api/v1/meter/read', body);
  if (answer.ok && answer.value.reading) return { ok: true, reading: answer.value.reading };
  if (!answer.ok && answer.status === 0) return { ok: false, fault: 'This application did not answer: the connection to it is lost.' };
  return { ok: false, fault: (!answer.ok && faultWords(answer)) || 'The meter could not be read.' };
}
