import type { SettingSheet } from './contract';

/** Of a part on which nothing is set, or whose one dial is a proof. */
export const noSettings = (): SettingSheet => ({ rows: [], conflicts: [] });
