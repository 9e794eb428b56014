import type { Build } from "../core/document/schema";
import { antYard } from "./builds/antYard";
import { brambleTower } from "./builds/brambleTower";
import { doorsSideBySide } from "./builds/doorsSideBySide";
import { flatPack } from "./builds/flatPack";
import { haberdasher } from "./builds/haberdasher";
import { landingBox } from "./builds/landingBox";
import { larderKit } from "./builds/larderKit";
import { nurseryTub } from "./builds/nurseryTub";
import { coldBox, dampTub, dryCabinet } from "./builds/outOfBand";
import { sillBox } from "./builds/sillBox";
import { towerOnEnd } from "./builds/towerOnEnd";

export { ANT_YARD, antYard } from "./builds/antYard";
export { BRAMBLE_TOWER, brambleTower } from "./builds/brambleTower";
export { flatPack } from "./builds/flatPack";
export { HABERDASHER, haberdasher } from "./builds/haberdasher";
export { nurseryTub } from "./builds/nurseryTub";
export { towerOnEnd } from "./builds/towerOnEnd";

/** The list shows the last made first. */
export const demoBuilds = (): Build[] => [
  antYard(),
  sillBox(),
  larderKit(),
  brambleTower(),
  nurseryTub(),
  landingBox(),
  towerOnEnd(),
  flatPack(),
  haberdasher(),
];

/** What is shipped as build files: the demo, every kind of door and lid on one build, and three whose air is out of its band. */
export const exampleBuilds = (): Build[] => [...demoBuilds(), doorsSideBySide(), dampTub(), dryCabinet(), coldBox()];
