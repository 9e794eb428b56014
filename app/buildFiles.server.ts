import type { Plan } from "#core/plan";
import { listPhotos, readPhoto } from "#db/photos";
import { benchSheetPdf } from "#files/benchSheet";
import { writeBuildFile } from "#files/buildFile";
import { writeBuildZip } from "#files/buildZip";
import { careIcs } from "#files/careIcs";
import { cornerTemplatePdf } from "#files/cornerTemplate";
import { facesDxf, sheetsDxf } from "#files/dxf";
import { labelsPdf } from "#files/labels";
import { cutListCsv, shoppingCsv } from "#files/lists";
import { sheetsSvg } from "#files/sheetsSvg";
import { shopSheetPdf } from "#files/shopSheet";
import { slipsGuidePdf } from "#files/slipsGuide";
import { templatePdf } from "#files/template";
import { hasTemplate, type Paper, readCornerFile, readTemplateFile } from "#files/templateFile";
import { backTilesPdf } from "#files/tiles";
import { walkRoundPdf } from "#files/walkRound";
import { planOnServer, type StoredInput } from "./planOf.server";

/** A build that a file is asked of. */
interface Asked {
  id: string;
  input: StoredInput;
  plan: () => Plan;
  name: string;
}
type Bytes = string | Uint8Array;

const TEXT = { csv: "text/csv; charset=utf-8", json: "application/json; charset=utf-8" } as const;
const PDF = "application/pdf";

/** A build and the photographs its log tells of, in one archive. */
async function zipOf({ id, input }: Asked): Promise<Uint8Array> {
  const photos = new Map<string, Uint8Array>();
  for (const photo of await listPhotos(id)) photos.set(photo, (await readPhoto(id, photo))!);
  return writeBuildZip({ build: writeBuildFile(input), photos });
}

/** Files with one name each: what they are, and what writes them; nothing where there is none of this build. One line each. */
const FILES: Record<string, { type: string; write: (asked: Asked) => Bytes | undefined | Promise<Bytes> }> = {
  "build.json": { type: TEXT.json, write: ({ input }) => writeBuildFile(input) },
  "build.zip": { type: "application/zip", write: zipOf },
  "cuts.csv": { type: TEXT.csv, write: ({ plan }) => cutListCsv(plan()) },
  "shopping.csv": { type: TEXT.csv, write: ({ plan }) => shoppingCsv(plan()) },
  "shop-sheet.pdf": { type: PDF, write: ({ plan, name }) => shopSheetPdf(plan(), name) },
  "sheets.dxf": { type: "image/vnd.dxf", write: ({ plan }) => sheetsDxf(plan()) },
  "faces.dxf": { type: "image/vnd.dxf", write: ({ plan }) => facesDxf(plan()) },
  "sheets.svg": { type: "image/svg+xml; charset=utf-8", write: ({ plan, name }) => sheetsSvg(plan(), name) },
  "care.ics": {
    type: "text/calendar; charset=utf-8",
    write({ plan, input, name }) {
      const planned = plan();
      const { residentsInAt } = planned.diary;
      return residentsInAt === null ? undefined : careIcs(planned, input.log, name, residentsInAt);
    },
  },
};

/** Files on paper of either size, by what stands before it: `labels-a4.pdf`. One line each. */
const ON_PAPER: Record<string, (plan: Plan, name: string, paper: Paper) => Promise<Uint8Array>> = {
  back: backTilesPdf,
  "bench-sheet": benchSheetPdf,
  labels: labelsPdf,
  "walk-round": walkRoundPdf,
};

/** A file of one thing of a build: the template of a feature, of a part's corner, the guide lines of slips. */
function ofOneThing(file: string, { plan, name }: Asked): Promise<Uint8Array> | undefined {
  const planned = plan();
  const { slips, oddParts, features } = planned.site.variant;
  const guide = /^slips-(.+)-(a4|letter)\.pdf$/.exec(file);
  const laid = slips.find((s) => s.id === guide?.[1]);
  if (laid) return slipsGuidePdf(planned, name, laid, guide![2] as Paper);
  const corner = readCornerFile(file);
  const odd = oddParts.find((o) => o.id === corner?.oddId);
  if (corner && odd) return cornerTemplatePdf(planned, name, odd, corner.paper);
  const template = readTemplateFile(file);
  const feature = features.find((f) => f.id === template?.featureId);
  return template && feature && hasTemplate(feature)
    ? templatePdf(planned, name, feature, template.side, template.paper)
    : undefined;
}

/**
 * A file of a build.
 * @param file its name: those above, `template-<feature>-inside-a4.pdf`, `corner-<part>-a4.pdf`, `slips-<slips>-a4.pdf`, …
 * @returns its bytes and their type; undefined where a build has no such file
 */
export async function writeFileOf(
  id: string,
  input: StoredInput,
  file: string,
): Promise<{ bytes: Bytes; type: string } | undefined> {
  const asked: Asked = { id, input, name: input.design.name, plan: () => planOnServer(input) };
  const own = Object.hasOwn(FILES, file) ? FILES[file] : undefined;
  if (own) {
    const bytes = await own.write(asked);
    return bytes === undefined ? undefined : { bytes, type: own.type };
  }
  const [, kind = "", paper] = /^(.+)-(a4|letter)\.pdf$/.exec(file) ?? [];
  const onPaper = Object.hasOwn(ON_PAPER, kind) ? ON_PAPER[kind] : undefined;
  const pdf = await (onPaper ? onPaper(asked.plan(), asked.name, paper as Paper) : ofOneThing(file, asked));
  return pdf && { bytes: pdf, type: PDF };
}
