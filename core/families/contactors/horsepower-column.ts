import { voltageClassOf } from '../../standards/voltage-class';

/** Name of the column that holds a figure of horsepower at the volts of one class. Example: 'normalHp at 460' for 440 to 480 V. */
export const horsepowerColumn = (what: string, volts: number): string => `${what} at ${voltageClassOf(volts)?.column ?? volts}`;
