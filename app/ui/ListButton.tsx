import { FileButton } from "./FileButton";

/** Brings in a list of pieces: CSV, or the rectangles of a DXF drawing. */
export function ListButton({ label, onFile }: { label: string; onFile: (chosen: File) => void }) {
  return (
    <FileButton
      size="xs"
      label={`${label}, CSV or DXF`}
      words="Bring in a list, CSV or DXF"
      accept=".csv,.dxf,text/csv"
      onFile={onFile}
    />
  );
}
