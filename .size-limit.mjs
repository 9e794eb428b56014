import { scriptsOf } from "./scripts/pageScripts.mjs";

const page = (name, routes, limit) => ({ name, path: scriptsOf(routes), limit, gzip: true });
const STAGES = [
  "brief",
  "shell",
  "ground",
  "front",
  "fixtures",
  "seal",
  "background",
  "air",
  "cuts",
  "buying",
  "diary",
  "bench",
];
const stage = (id) => `stages/${id}/${id[0].toUpperCase()}${id.slice(1)}Stage`;

/** What a page may fetch of script before it can be used, gzipped. */
export default [
  page("first page", ["routes/builds"], "240 kB"),
  ...STAGES.map((id) => page(`open build, ${id}`, ["routes/build", stage(id)], "300 kB")),
];
