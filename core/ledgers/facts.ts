/** Names a typed thing that one trade tells the others. The folder that tells it exports its key. */
export interface FactKey<T> {
  readonly key: string;
  /** Only for the compiler. */
  readonly type?: T;
}
export const factKey = <T>(key: string): FactKey<T> => ({ key });

/** Something told, in a trade's ledger. */
export interface Fact {
  key: string;
  value: unknown;
}
export const fact = <T>({ key }: FactKey<T>, value: T): Fact => ({ key, value });

/** What was told so far. */
export interface Facts {
  /** The one thing told by this key, the first where several are; undefined while nobody tells it. */
  one<T>(key: FactKey<T>): T | undefined;
  /** All that is told by this key, in the order of the trades. */
  all<T>(key: FactKey<T>): T[];
}

/** Facts of some ledgers, to be asked by their keys. */
export function factsOf(told: readonly Fact[]): Facts {
  const byKey = new Map<string, unknown[]>();
  for (const { key, value } of told) byKey.set(key, [...(byKey.get(key) ?? []), value]);
  const all = <T>({ key }: FactKey<T>) => (byKey.get(key) ?? []) as T[];
  return { all, one: (key) => all(key)[0] };
}
