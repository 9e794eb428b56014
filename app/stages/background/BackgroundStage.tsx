import { lazy, useState } from "react";
import { BUILD_UP } from "#core/background/buildUps";
import { newZone } from "#core/background/create";
import { liftsOf } from "#core/background/foam";
import { WALLS, type WallId, ZONE_KINDS, type ZoneKind } from "#core/background/names";
import { ZONE, zoneName } from "#core/background/zones";
import { freeId } from "#core/design/freeId";
import { chosenVariant } from "#core/document/variant";
import { capital } from "#core/units/capital";
import type { Size } from "#core/views/view";
import { Elevation } from "../../drawing/Elevation";
import { Sections } from "../../drawing/SectionView";
import { useBoards } from "../../drawing/useBoards";
import { Add } from "../../frame/Add";
import { Later } from "../../frame/Later";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { WallFields } from "../../hand/background";
import { isSame, useBuildHandle, useDesign, usePicked, useShown } from "../../state/context";
import { QuietButton } from "../../ui/QuietButton";
import { Toggle } from "../../ui/Toggle";
import { InOrder } from "./InOrder";
import { WallReadings } from "./WallReadings";

const PanelsSaveLine = lazy(() => import("./PanelsSaveLine").then((m) => ({ default: m.PanelsSaveLine })));
const Compare = lazy(() => import("./Compare").then((m) => ({ default: m.Compare })));

const words = (n: number, one: string, many: string) => (n === 1 ? `one ${one}` : `${n} ${many}`);

/** Each wall looking in with its section beside it, what is on it and comes of it, and the ways to make it side by side. */
export default function BackgroundStage() {
  const name = useDesign((d) => d.name);
  const boards = useBoards();
  const walls = useShown(({ plan }) => WALLS.filter((f) => !plan.shell.faces[f].open));
  const held = usePicked((p) => p.held);
  // What is taken in hand is shown on its wall.
  const heldFace = useShown(({ seen }) => {
    const thing = seen.things.find((t) => held.some((h) => isSame(h, t)));
    return thing?.stage === "background" ? thing.face : undefined;
  });
  const [chosen, setView] = useState<WallId | "net" | null>(null);
  const facing = heldFace && chosen !== "net" ? (heldFace as WallId) : undefined;
  const view = facing ?? chosen ?? walls[0] ?? "net";
  const face = view === "net" ? undefined : view;
  const { wall, lifts } = useShown(({ plan, seen }) => {
    const cover = seen.covers.find((c) => c.wall.face === face);
    const wall = plan.site.variant.background.walls.find((w) => w.face === face);
    const foamed = wall?.buildUp === "foam" || wall?.buildUp === "panels";
    return { wall, lifts: cover && foamed ? liftsOf(cover) : 0 };
  });
  const { letGo } = useBuildHandle();
  const summary = !face
    ? "every wall; drag a zone, or type where its middle is"
    : wall
      ? `${face} wall · ${BUILD_UP[wall.buildUp].name.toLowerCase()}${lifts > 0 ? `, ${words(lifts, "lift", "lifts")}` : ""}`
      : `${face} wall · nothing planned`;
  return (
    <Workbench
      stage="background"
      title="Background"
      summary={summary}
      tools={
        <Toggle
          views={[...walls.map((id) => [id, capital(id)] as const), ["net", "All, on the net"] as const]}
          shown={view}
          onShow={(next) => {
            letGo();
            setView(next);
          }}
        />
      }
      board={
        face
          ? {
              label: `The ${face} wall of ${name} and its section`,
              draw: (size) => <WallBoard face={face} size={size} />,
            }
          : boards.net()
      }
      own={
        face
          ? { title: `The ${face} wall`, fields: <WallFields key={face} id={face} /> }
          : {
              title: "Every wall",
              fields: (
                <Later>
                  <PanelsSaveLine />
                </Later>
              ),
            }
      }
    >
      <TwoUp>
        <RowSheet
          title={face ? `On the ${face} wall` : "On every wall"}
          tools={
            <>
              {face && <PutOn face={face} />}
              <AddSwatch />
            </>
          }
        >
          <ThingRows rows="walls" only={(t) => !face || t.face === face} />
          <ThingRows rows="swatches" />
        </RowSheet>
        {face && wall && (
          <RowSheet
            title="The wall comes to"
            tools={
              <Wide button="Ways side by side" title={`Ways to make the ${face} wall, side by side`}>
                {() => <Compare face={face} />}
              </Wide>
            }
          >
            <WallReadings wall={wall} />
          </RowSheet>
        )}
        {face && (
          <Later>
            <PanelsSaveLine titled />
          </Later>
        )}
      </TwoUp>
      {face && wall && <InOrder face={face} />}
    </Workbench>
  );
}

/** A wall looking in, and the section through what is in hand, or through its middle. */
function WallBoard({ face, size }: { face: WallId; size: Size }) {
  const held = usePicked((p) => p.held);
  const zone = useShown(({ plan }) =>
    plan.site.variant.background.zones.find(
      (z) => z.face === face && held.some((h) => h.kind === "zone" && h.id === z.id),
    ),
  );
  const gap = 12;
  const wide = Math.round(size.width * 0.56);
  const narrow = size.width < 520;
  const right = { width: narrow ? 0 : size.width - wide - gap, height: size.height };
  return (
    <>
      <Elevation face={face} size={{ width: narrow ? size.width : wide, height: size.height }} />
      {right.width > 0 && (
        <g transform={`translate(${wide + gap} 0)`} data-through={zone ? zoneName(zone) : "middle"}>
          <Sections
            cuts={[{ cut: face === "back" ? "frontBack" : "leftRight", ...(zone && { atMm: zone.u.value }) }]}
            size={right}
          />
        </g>
      )}
    </>
  );
}

function PutOn({ face }: { face: WallId }) {
  const { api, make } = useBuildHandle();
  const add = (kind: ZoneKind) =>
    make((draft) => {
      const { room } = api.shown.getState().plan.shell.faces[face];
      const { zones } = chosenVariant(draft).background;
      const id = freeId(zones, kind);
      const at = { face, u: Math.round(room.uMm + room.widthMm / 2), v: Math.round(room.vMm + room.heightMm * 0.6) };
      zones.push(newZone(kind, id, at));
      return { kind: "zone", id };
    });
  return (
    <Add
      label="Put on the wall"
      options={ZONE_KINDS.map((kind) => ({ words: ZONE[kind].words, add: () => add(kind) }))}
    />
  );
}

function AddSwatch() {
  const { make } = useBuildHandle();
  const add = () =>
    make((draft) => {
      const { swatches } = chosenVariant(draft).background;
      const id = freeId(swatches, "swatch");
      swatches.push({
        ...{ id, name: `Trial ${id.slice("swatch-".length)}`, wet: null, dry: null, varnished: null },
      });
      return { kind: "swatch", id };
    });
  return (
    <QuietButton size="xs" onClick={add}>
      Record a swatch
    </QuietButton>
  );
}
