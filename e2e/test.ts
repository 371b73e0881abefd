/** Each worker of the browser tests has a server and a database of its own, so that two may walk at once. */
import { test as base } from '@playwright/test';

const addresses = (process.env.LOYAL_COIL_URL ?? 'http://127.0.0.1:3100').split(',');

export const test = base.extend({
  baseURL: async ({}, use, info) => use(addresses[info.parallelIndex]),
});
export { expect } from '@playwright/test';
