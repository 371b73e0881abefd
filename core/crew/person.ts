import type { Role } from './rights';

/** A person of the crew, as the screen and the use cases know them. */
export type Person = { id: string; name: string; username: string; role: Role; mustChangePassword: boolean; hasPin: boolean };
