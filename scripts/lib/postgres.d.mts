export function cluster(folder: string): {
  start(port?: number): Promise<number>;
  stop(): unknown;
  pid(): number;
  url(port: number, database?: string): string;
  /** Of the superuser, who owns the tables: for migrating, backups and tests, never for the application. */
  adminUrl(port: number, database?: string): string;
  /** The file with the password, mode 600. */
  secretFile: string;
  ensureDatabase(port: number, database?: string): string;
  runningPort(): number | undefined;
  home: string;
};
