/** What a parser or check answers: a value, or one sentence a builder can act on. */
export type Result<T> = { ok: true; value: T } | { ok: false; message: string };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
export const fail = <T = never>(message: string): Result<T> => ({ ok: false, message });
