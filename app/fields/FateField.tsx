import { ChoiceField } from "./fields";

/** Whether a thing was found or is made. */
export const OriginField = ({ path }: { path: string }) => (
  <ChoiceField
    label="It is"
    path={`${path}/origin`}
    options={[
      ["made", "made"],
      ["found", "as found"],
    ]}
  />
);

/** What becomes of a thing that was found. @param mends whether it can be mended at all */
export const FateField = ({ label, path, mends = true }: { label: string; path: string; mends?: boolean }) => (
  <ChoiceField
    label={label}
    path={`${path}/fate`}
    options={[["kept", "kept as it is"], ...(mends ? [["mended", "mended"] as const] : []), ["replaced", "replaced"]]}
  />
);
