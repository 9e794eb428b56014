import { Flex } from "@chakra-ui/react";
import { RowSheet } from "../../frame/Rows";
import { useBuildHandle } from "../../state/context";
import { QuietLink } from "../../ui/QuietButton";

const FILES = [
  ["cuts.csv", "Cut list, CSV"],
  ["shop-sheet.pdf", "Shop sheet, PDF"],
  ["labels-a4.pdf", "Labels, A4"],
  ["labels-letter.pdf", "Labels, Letter"],
  ["sheets.dxf", "Sheets, DXF"],
  ["faces.dxf", "Faces with their holes, DXF"],
  ["sheets.svg", "Sheets, SVG"],
] as const;

/** Paper for the hand, and drawings for a machine. */
export function CutFiles() {
  const { buildId } = useBuildHandle();
  return (
    <RowSheet title="To take along">
      <Flex gap="2" wrap="wrap">
        {FILES.map(([file, words]) => (
          <QuietLink key={file} to={`/builds/${buildId}/files/${file}`} reloadDocument>
            {words}
          </QuietLink>
        ))}
      </Flex>
    </RowSheet>
  );
}
