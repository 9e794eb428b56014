import { Table } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { TABLE_LOOK } from "./tableLook";

/** A table on its sheet of paper, scrolling sideways where a screen is narrow. */
export function PlainTable({
  heads,
  children,
}: {
  heads: readonly (string | { text: string; end?: true; title?: string })[];
  children: ReactNode;
}) {
  return (
    <Table.ScrollArea>
      <Table.Root size="sm" whiteSpace="normal" css={TABLE_LOOK}>
        <Table.Header>
          <Table.Row>
            {heads.map((head) => {
              const { text, end, title } =
                typeof head === "string" ? { text: head, end: undefined, title: undefined } : head;
              return (
                <Table.ColumnHeader
                  key={text}
                  color="muted"
                  {...(end && { textAlign: "end" })}
                  {...(title && { title })}
                >
                  {text}
                </Table.ColumnHeader>
              );
            })}
          </Table.Row>
        </Table.Header>
        <Table.Body>{children}</Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
