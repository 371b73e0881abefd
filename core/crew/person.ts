import type { Role } from './rights';

/** A PIN is so long: short enough for a glove, asked again at a signature alone. */
export const PIN_DIGITS = 6;

/** A person of the crew, as the screen and the use cases know them. */
export type Person = { id: string; name: string; username: string; role: Role; mustChangePassword: boolean; hasPin: boolean };
