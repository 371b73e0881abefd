import { readJson, respond } from '@/app/api/respond';
import { readMeter } from '@/services/meter';

/** Reads a panel meter over Modbus TCP once. */
export const POST = (request: Request) => respond(async () => readMeter(await readJson(request)));
