import type { ChildProcess } from "node:child_process";

export const root: string;
export function run(command: string, args: string[], env?: Record<string, string>): number;
export function runBeside(command: string, args: string[]): Promise<{ status: number; said: string }>;
export function must(what: string, command: string, args: string[], env?: Record<string, string>): void;
export function installPackages(): void;
export function findChromium(): string | undefined;
export function needChromium(): string;
export function freePort(wanted?: number): Promise<number>;
export const BROWSER_ARGS: string[];

export interface Server {
  address: string;
  child: ChildProcess;
  gone: Promise<unknown>;
  stop: (signal?: NodeJS.Signals) => Promise<void>;
}
export function startServer(options: { port: number; data: string; quiet?: boolean }): Promise<Server>;
export function serveFreshDemo(): Promise<Server>;
