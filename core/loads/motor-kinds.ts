/** What is a motor? The one place that says so. */
const motors: ReadonlySet<unknown> = new Set(['motor-3ph', 'motor-1ph', 'motor-dc', 'motor-group']);

/** A motor, or several on one feeder; a compressor's motor has rules of its own and is none here. */
export const isMotorLoad = (kind: unknown): boolean => motors.has(kind);
/** Whatever is driven: motors and the motor of a compressor. */
export const isMotor = (kind: unknown): boolean => isMotorLoad(kind) || kind === 'hermetic-compressor';
/** One motor on AC: it has a start, phases that may be missing, and a shaft to turn. */
export const isOneAcMotor = (kind: unknown): boolean => isMotor(kind) && kind !== 'motor-dc' && kind !== 'motor-group';
