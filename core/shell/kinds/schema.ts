import * as v from "valibot";
import { CabinetShellSchema } from "./cabinet/schema";
import { ClearBoxShellSchema } from "./clearBox/schema";
import { FrontGlassShellSchema } from "./frontGlass/schema";
import { PanelKitShellSchema } from "./panelKit/schema";
import { RoundTubShellSchema } from "./roundTub/schema";
import { SheetShellSchema } from "./sheet/schema";
import { TankShellSchema } from "./tank/schema";
import { TankOnEndShellSchema } from "./tankOnEnd/schema";
import { TubShellSchema } from "./tub/schema";

/** Every starting shell as it is written in the Build document. */
export const ShellSchema = v.variant("kind", [
  SheetShellSchema,
  TankShellSchema,
  TankOnEndShellSchema,
  FrontGlassShellSchema,
  CabinetShellSchema,
  TubShellSchema,
  RoundTubShellSchema,
  PanelKitShellSchema,
  ClearBoxShellSchema,
]);
