/** Figures of the running process as Prometheus text: requests by route and status, how long they took, the pool, the process itself. */
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import { poolState } from './pool/pool';

type Metrics = { registry: Registry; requests: Histogram<'method' | 'route' | 'status'> };
const holder = globalThis as { loyalCoilMetrics?: Metrics };

function make(): Metrics {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry, prefix: 'loyal_coil_' });
  const gauge = (name: string, help: string, read: () => number) =>
    new Gauge({
      ...{ name: `loyal_coil_${name}`, help, registers: [registry] },
      collect() {
        this.set(read());
      },
    });
  gauge('pool_threads', 'Threads of the pool', () => poolState().threads);
  gauge('pool_waiting', 'Requests that wait for a thread', () => poolState().waiting);
  const requests = new Histogram({
    ...{ name: 'loyal_coil_request_seconds', help: 'Requests of the open interface', registers: [registry] },
    labelNames: ['method', 'route', 'status'],
    buckets: [0.01, 0.05, 0.1, 0.25, 0.5, 1, 2, 5],
  });
  return { registry, requests };
}
const metrics = (): Metrics => (holder.loyalCoilMetrics ??= make());

/** Notes one answered request under its route, not under its address: addresses have no end. */
export const noteRequest = (method: string, route: string, status: number, seconds: number): void =>
  metrics().requests.observe({ method, route, status: String(status) }, seconds);

export const metricsText = (): Promise<string> => metrics().registry.metrics();
