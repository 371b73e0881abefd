/** Plates as they may be typed where nothing is read yet. */

/** A load, invented. */
export const LOAD = '3~ MOTOR 5.5 kW 400 V 11.5 A 50 Hz 1450 rpm';
