/**
 * To which North American nominal voltage class do these volts belong, and which column of the motor tables serves it?
 * 110-120, 220-240, 440-480 and 550-600 V are one class each; 200 and 208 V have columns of their own.
 * A motor plate says 460 where the system is 480: the same class, so the plate's own figures hold.
 * Source: NFPA 70, heads of tables 430.248 and 430.250 (from memory).
 */
type VoltageClass = { low: number; high: number; column: number };

const classes: readonly VoltageClass[] = [
  { low: 110, high: 120, column: 115 },
  { low: 200, high: 200, column: 200 },
  { low: 208, high: 208, column: 208 },
  { low: 220, high: 240, column: 230 },
  { low: 440, high: 480, column: 460 },
  { low: 550, high: 600, column: 575 },
  { low: 2200, high: 2400, column: 2300 },
];

/** Returns the class of these volts, V, or undefined where none holds (400 V has none). */
export const voltageClassOf = (volts: number): VoltageClass | undefined => classes.find(({ low, high }) => volts >= low && volts <= high);

/** True where both are the same volts or stand in one class. Example: 460 and 480. */
export function sameVoltageClass(a: number, b: number): boolean {
  const found = voltageClassOf(a);
  return a === b || (found !== undefined && found === voltageClassOf(b));
}
