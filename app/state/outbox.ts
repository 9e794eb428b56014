import { type DBSchema, openDB } from "idb";
import type { LogEntry } from "#core/log/schema";

/** Something for the server that is kept on this device until it has arrived. */
export type Parcel =
  | { id: string; build: string; madeAtMs: number; kind: "entries"; entries: LogEntry[] }
  | { id: string; build: string; madeAtMs: number; kind: "photo"; photo: string; jpeg: Blob };

/** Where parcels are kept: in order, until each is dropped. */
export interface Outbox {
  all: (build: string) => Promise<Parcel[]>;
  put: (parcel: Parcel) => Promise<void>;
  drop: (id: string) => Promise<void>;
}

interface Box extends DBSchema {
  parcels: { key: number; value: Parcel; indexes: { id: string } };
}

/** The outbox of this device's browser; an error where it keeps nothing. */
export async function openOutbox(): Promise<Outbox> {
  const db = await openDB<Box>("hornwort-outbox", 1, {
    upgrade: (made) => {
      made.createObjectStore("parcels", { autoIncrement: true }).createIndex("id", "id");
    },
  });
  return {
    all: async (build) => (await db.getAll("parcels")).filter((p) => p.build === build),
    put: async (parcel) => {
      await db.add("parcels", parcel);
    },
    drop: async (id) => {
      const key = await db.getKeyFromIndex("parcels", "id", id);
      if (key !== undefined) await db.delete("parcels", key);
    },
  };
}
