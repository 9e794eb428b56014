import { gaugeEvents } from "../gauge/schema";

/** The air writes nothing into a variant; the log tells what its gauge read, and what was fitted to that. */
export const daySchemas = { part: {}, events: [...gaugeEvents] as const };
