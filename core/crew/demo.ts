/** The demo's invented crew: how its people are told from others, and the PIN that all of them have. */
export const DEMO_PIN = '135790';
/** How the id of each of them begins. */
export const DEMO_PERSON = 'demo-';
export const isDemoPerson = ({ id }: { id: string }): boolean => id.startsWith(DEMO_PERSON);
