import type { Stock } from "../stock/schema";
import type { Result } from "../units/result";
import type { LogEntry } from "./schema";

/** The stock after an entry, and the entry as it is then kept: with what came off which row, say. */
export interface Moved {
  stock: Stock;
  entry: LogEntry;
}

/**
 * What an entry does to the stock; the same stock where it does nothing.
 * @param log the build's log before it
 * @param from the build's name, for what is put on the rack
 * @returns an error, in words, where the entry cannot be; nothing is then to be kept of it
 */
export type StockMover = (stock: Stock, log: readonly LogEntry[], entry: LogEntry, from: string) => Result<Moved>;
