import { useCallback, useEffect, useRef, useState } from "react";
import type { View } from "#core/bench/names";
import type { Photo } from "#core/bench/schema";
import { useBuildHandle } from "./context";
import { newId } from "./newId";
import type { PhotoMaker } from "./smallPhoto";

/** Of what a photograph is, and from where it was taken. */
interface Taken extends Pick<Photo, "of" | "words"> {
  view: View;
}

/**
 * Keeps chosen files as photographs of the build: made small, told in the log, sent when there is a connection.
 * @param ahead fetches what makes them small before one is taken: there may be no connection then
 */
export function useTakePhoto(ahead = false) {
  const { logbook } = useBuildHandle();
  const maker = useRef<Promise<PhotoMaker>>(undefined);
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const open = useCallback(() => {
    maker.current ??= import("./smallPhoto").then((m) => m.openPhotoMaker());
    return maker.current;
  }, []);
  useEffect(() => {
    if (ahead) void open().catch(() => {});
    return () => {
      void maker.current?.then((m) => m.end()).catch(() => {});
      maker.current = undefined;
    };
  }, [ahead, open]);
  const take = async (file: File, taken: Taken) => {
    setBusy(true);
    setFault(null);
    try {
      const small = await (await open()).small(file);
      if (!small.ok) return setFault(small.message);
      const photo = newId();
      const { jpeg, widthPx, heightPx } = small.value;
      logbook.addPhoto(photo, jpeg, { kind: "photo", photo, widthPx, heightPx, ...taken });
    } catch {
      maker.current = undefined;
      setFault("What makes photographs small could not be fetched. Nothing was kept; try again with a connection.");
    } finally {
      setBusy(false);
    }
  };
  return { take, busy, fault };
}
