export function cluster(folder: string): {
  start(port?: number): Promise<number>;
  stop(): unknown;
  pid(): number;
  url(port: number, database?: string): string;
  ensureDatabase(port: number, database?: string): string;
  runningPort(): number | undefined;
  home: string;
};
