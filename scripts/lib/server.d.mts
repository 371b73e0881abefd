import type { ChildProcess } from 'node:child_process';
export function startServer(options: { port: number; databaseUrl: string; dev?: boolean; quiet?: boolean }): ChildProcess;
export function answers(url: string, child?: ChildProcess, seconds?: number): Promise<void>;
