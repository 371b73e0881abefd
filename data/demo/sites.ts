/** The two demo sites, in the order shown. */
import { ferrow } from './ferrow';
import { kestrel } from './kestrel';
import type { DemoSite } from './site-words';

export const demoSites: readonly DemoSite[] = [kestrel, ferrow];
