import { useEffect, useRef, useState } from "react";
import type { View } from "#core/bench/names";
import type { Photo } from "#core/bench/schema";
import { useBuildHandle } from "./context";
import { newId } from "./newId";
import type { PhotoMaker } from "./smallPhoto";

/** Of what a photograph is, and from where it was taken. */
interface Taken extends Pick<Photo, "of" | "words"> {
  view: View;
}

/** Keeps chosen files as photographs of the build: made small, told in the log, sent when there is a connection. */
export function useTakePhoto() {
  const { logbook } = useBuildHandle();
  const maker = useRef<Promise<PhotoMaker>>(undefined);
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    const opened = import("./smallPhoto").then((m) => m.openPhotoMaker());
    maker.current = opened;
    return () =>
      void opened.then(
        (m) => m.end(),
        () => {},
      );
  }, []);
  const take = async (file: File, taken: Taken) => {
    setBusy(true);
    setFault(null);
    try {
      const small = await (await maker.current!).small(file);
      if (!small.ok) return setFault(small.message);
      const photo = newId();
      const { jpeg, widthPx, heightPx } = small.value;
      logbook.addPhoto(photo, jpeg, { kind: "photo", photo, widthPx, heightPx, ...taken });
    } catch {
      setFault("What makes photographs small could not be fetched. Nothing was kept; try again with a connection.");
    } finally {
      setBusy(false);
    }
  };
  return { take, busy, fault };
}
