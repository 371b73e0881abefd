/** Has it the form of an id that is made here? Another one is asked of no table: the database would refuse its form. */
export const isUuid = (id: string): boolean => /^[0-9a-f-]{36}$/i.test(id);
