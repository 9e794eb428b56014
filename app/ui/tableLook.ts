/** How every table lies on its sheet of paper. */
export const TABLE_LOOK = {
  bg: "transparent",
  "& tr": { bg: "transparent" },
  "& td, & th": { bg: "transparent", borderColor: "line", px: "1.5", py: "1" },
};
