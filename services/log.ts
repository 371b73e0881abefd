/** The server's log: one JSON line an event, each with the id of the request that it belongs to. */
import pino from 'pino';

export const log = pino({ name: 'loyal-coil', level: process.env.LOYAL_COIL_LOG ?? 'info', base: undefined });
