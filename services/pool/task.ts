/** What goes to a thread of the pool and what comes back: plain data, bytes handed over and not copied. */
import type { Fault } from '../../core/case/schema';
import type { Caller } from '../crew/caller';

export type HeavyTask = {
  method: string;
  /** Of the route, as its table writes it. */
  path: string;
  params: Record<string, string>;
  query: string;
  type: string | null;
  /** Under which name it was asked for. */
  host: string | null;
  body: Uint8Array<ArrayBuffer>;
  caller: Caller | null;
  /** Shared with the server's thread: not 0 once the caller has gone. */
  gone: Int32Array<SharedArrayBuffer>;
};
export type HeavyAnswer =
  | { kind: 'answered'; status: number; headers: [string, string][]; bytes: Uint8Array<ArrayBuffer> }
  | { kind: 'refused'; status: number; faults: Fault[]; detail: Record<string, unknown> }
  | { kind: 'failed'; name: string; message: string; code: string | undefined; stack: string | undefined };
