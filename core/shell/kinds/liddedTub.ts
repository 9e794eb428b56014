import type { Measure } from "../../design/basics";
import type { FaceId } from "../../design/names";
import type { Variant } from "../../document/schema";
import { levelSlot } from "../../escape/airPath";
import type { Checker } from "../../ledgers/checker";
import { stackLevels } from "../../levels/levels";
import { FACE_WORDS, faceSolid } from "../boxFaces";
import { slotOf } from "../found/doors";
import { holesGap } from "../found/holesGap";
import type { FoundHoles } from "../found/schema";
import { SIZE_LIMIT_MM } from "../limits";
import { type Profile, volumeBelowMl } from "../profile";
import type { FoundGap, Shell, ShellFace } from "../shell";
import type { SurveyField } from "../survey";
import type { RoundTubShell } from "./roundTub/schema";
import type { TubShell } from "./tub/schema";

/** A tub of any outline, with its lid, as found. */
type LiddedTub = TubShell | RoundTubShell;

/** What tells one tub from another once its outline is known. */
interface TubOf {
  words: string;
  profile: Profile;
  faces: Record<FaceId, ShellFace>;
  volumeWorking: Shell["volumeWorking"];
  /** The lid over its rim, outside, mm, where it was measured. */
  lidMm?: { widthMm: number | undefined; depthMm: number | undefined };
  /** What is poured on its floor, mm. */
  pouredMm?: number;
  /** Holes somebody drilled before. */
  holes?: FoundHoles;
  /** How high it stands on a riser, mm, and where that is typed. */
  standsMm?: number;
  underBasePath?: string;
}

/** Round the lid, and holes somebody drilled before. */
function tubGaps({ found }: LiddedTub, { profile, holes }: TubOf): FoundGap[] {
  const roundMm = profile.round ? Math.PI * profile.rimWidthMm : 2 * (profile.rimWidthMm + profile.rimDepthMm);
  const gaps: FoundGap[] = [
    {
      ...{ id: "lid", label: "round the lid", face: "top", opening: "top", seat: "rim" },
      way: slotOf(found.lidGap),
      ...{ lengthMm: roundMm, at: [], air: levelSlot(found.lidGap.value, roundMm, profile.heightMm) },
      cover: "its own catches",
    },
  ];
  return holes ? [...gaps, ...holesGap(holes, profile.heightMm)] : gaps;
}

/** A tub as it stands, with its lid on: nothing of it is cut or made, and water stands in it up to its rim. */
export function liddedTub(shell: LiddedTub, { seal, ground }: Pick<Variant, "seal" | "ground">, of: TubOf): Shell {
  const { profile, faces, lidMm, pouredMm = 0 } = of;
  const { wall } = shell.found;
  const inside = { widthMm: profile.rimWidthMm, depthMm: profile.rimDepthMm, heightMm: profile.heightMm };
  return {
    kind: shell.kind,
    words: of.words,
    inside,
    outside: {
      widthMm: lidMm?.widthMm ?? inside.widthMm + 2 * wall.value,
      depthMm: lidMm?.depthMm ?? inside.depthMm + 2 * wall.value,
      heightMm: inside.heightMm + 2 * wall.value,
    },
    legsMm: of.standsMm ?? 0,
    underBasePath: of.underBasePath ?? null,
    baseHangs: false,
    profile,
    volumeMl: volumeBelowMl(profile, profile.heightMm),
    volumeWorking: of.volumeWorking,
    faces,
    strips: [],
    openings: [{ id: "top", face: "top", uMm: 0, vMm: 0, widthMm: inside.widthMm, heightMm: inside.depthMm }],
    panels: [],
    joints: [],
    seams: [],
    solids: Object.values(faces).map((f) => faceSolid(f, f.id === "top" ? "Lid" : FACE_WORDS[f.id])),
    gaps: tubGaps(shell, of),
    doors: null,
    held: {},
    lining: null,
    secondFloor: null,
    heldWalls: [],
    tray: null,
    reusable: [],
    ownPanes: [],
    glassPanes: [],
    levels: stackLevels({
      insideHeightMm: inside.heightMm,
      groundMm: Math.max(shell.groundDepth?.value ?? 0, pouredMm),
      ground,
      waterMm: seal.standingWater?.value,
      damMm: inside.heightMm,
    }),
    damPath: null,
    damStart: null,
    insidePaths: null,
  };
}

/** Sizes inside, each by its place in the survey. */
type Sizes = readonly (readonly [key: string, measure: Measure, words: string])[];

/** Limits of any tub's survey. */
export function checkLiddedTub({ found, groundDepth }: LiddedTub, sizes: Sizes, { between }: Checker): void {
  for (const [key, measure, words] of [...sizes, ["height", found.height, "The height"] as const])
    between(`/shell/found/${key}`, measure, SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
  between("/shell/found/wall", found.wall, 0.4, 15, "The wall");
  between("/shell/found/lidGap", found.lidGap, 0, 50, "The gap round the lid");
  between("/shell/groundDepth", groundDepth, 1, Math.max(1, found.height.value), "Substrate");
}

/** A foot wider than the rim over it is a slip of the tape. @param said the foot's size as part of a sentence */
export function checkMould(key: string, foot: Measure, rim: Measure, said: string, { add, say }: Checker): void {
  if (foot.value > rim.value)
    add(
      `/shell/found/${key}`,
      `A foot ${said} under a rim of ${say(rim.value)} could never leave its mould. Type ${say(rim.value)} or less, or swap the two.`,
    );
}

export const lidGapField: SurveyField = {
  path: "/shell/found/lidGap",
  label: "Gap round the lid",
  ask: "length",
  hint: "the widest, shut",
};
