import { Box, Table } from "@chakra-ui/react";
import {
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  tableFeatures,
  useTable,
} from "@tanstack/react-table";
import { type ReactNode, useMemo } from "react";
import { TABLE_LOOK } from "./tableLook";

const FEATURES = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic },
});

/** A column of a comparison: what it is sorted by, and what it shows. */
export interface SortColumn<R> {
  id: string;
  head: string;
  end?: true;
  title?: string;
  /** What its rows are sorted by; none for what is no measure. Missing ones come last. */
  by?: (row: R) => number | string | undefined;
  cell: (row: R) => ReactNode;
}

const ARIA = { asc: "ascending", desc: "descending" } as const;
const ARROW = { asc: " ↑", desc: " ↓" } as const;

/** Ways side by side, sorted by whichever column's head is pressed. */
export function Sortable<R extends { id: string }>({
  columns,
  rows,
}: {
  columns: readonly SortColumn<R>[];
  rows: readonly R[];
}) {
  const defs = useMemo(
    () =>
      columns.map(({ id, by }) => ({
        id,
        accessorFn: (row: R) => by?.(row),
        enableSorting: by !== undefined,
        sortFn: "basic" as const,
        sortUndefined: "last" as const,
      })),
    [columns],
  );
  const table = useTable({ features: FEATURES, columns: defs, data: rows as R[], getRowId: (row: R) => row.id });
  const columnOf = (id: string) => columns.find((c) => c.id === id)!;
  return (
    <Table.ScrollArea>
      <Table.Root size="sm" whiteSpace="normal" css={TABLE_LOOK}>
        <Table.Header>
          {table.getHeaderGroups().map((group) => (
            <Table.Row key={group.id}>
              {group.headers.map(({ id, column }) => {
                const { head, end, title, by } = columnOf(column.id);
                const sorted = column.getIsSorted();
                return (
                  <Table.ColumnHeader
                    key={id}
                    color="muted"
                    {...(end && { textAlign: "end" })}
                    {...(title && { title })}
                    {...(sorted && { "aria-sort": ARIA[sorted] })}
                  >
                    {by ? (
                      <Box as="button" cursor="pointer" onClick={column.getToggleSortingHandler()}>
                        {`${head}${sorted ? ARROW[sorted] : ""}`}
                      </Box>
                    ) : (
                      head
                    )}
                  </Table.ColumnHeader>
                );
              })}
            </Table.Row>
          ))}
        </Table.Header>
        <Table.Body>
          {table.getRowModel().rows.map(({ id, original }) => (
            <Table.Row key={id} data-way={id}>
              {columns.map((column) => (
                <Table.Cell
                  key={column.id}
                  {...(column.end && { textAlign: "end", fontFamily: "mono", whiteSpace: "nowrap" })}
                >
                  {column.cell(original)}
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
