/** The practice of a site: whose rules and whose words count there. */
export type Practice = 'NFPA70' | 'IEC';
