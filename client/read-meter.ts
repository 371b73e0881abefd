import type { MeterReading, RegisterMap } from '@/core/meter/register-map';

export type MeterAnswer = { ok: true; reading: MeterReading } | { ok: false; fault: string };

/** Asks the server to read a meter once; 'host:port', the port 502 where it is left out. */
export async function readMeterOnce(at: string, unitId: number, map: RegisterMap): Promise<MeterAnswer> {
  const match = /^\s*(.+?)(?::(\d{1,5}))?\s*$/.exec(at);
  if (!match) return { ok: false, fault: 'Enter the address of the meter, such as 192.168.1.20:502.' };
  try {
    const response = await fetch('/api/v1/meter/read', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ host: match[1], port: Number(match[2] ?? 502), unitId, map }),
    });
    const body = (await response.json()) as { reading?: MeterReading; faults?: { reason: string }[] };
    return response.ok && body.reading
      ? { ok: true, reading: body.reading }
      : { ok: false, fault: body.faults?.[0]?.reason ?? 'The meter could not be read.' };
  } catch {
    return { ok: false, fault: 'This application did not answer: the connection to it is lost.' };
  }
}
