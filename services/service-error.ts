import type { Fault } from '../core/case/schema';

/** A refusal that the person can act on: status, and which field, why, what is accepted. */
export class ServiceError extends Error {
  override name = 'ServiceError';
  constructor(
    readonly status: number,
    readonly faults: Fault[],
    readonly detail: Record<string, unknown> = {},
  ) {
    super(faults[0]?.reason ?? 'refused');
  }
}

export const notFound = (what: string): ServiceError =>
  new ServiceError(404, [{ field: 'id', reason: `${what} is not here. It may have been renamed; go back to the panels.` }]);
