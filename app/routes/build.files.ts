import { data } from "react-router";
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
import { hasTemplate, readCornerFile, readTemplateFile } from "#files/templateFile";
import { backTilesPdf } from "#files/tiles";
import { walkRoundPdf } from "#files/walkRound";
import { planInputOf, planOnServer } from "../planOf.server";
import type { Route } from "./+types/build.files";

/** A build and the photographs its log tells of. */
async function zipOf(id: string, build: string): Promise<Uint8Array<ArrayBuffer>> {
  const photos = new Map<string, Uint8Array>();
  for (const photo of await listPhotos(id)) photos.set(photo, (await readPhoto(id, photo))!);
  return new Uint8Array(writeBuildZip({ build, photos }));
}

/**
 * A build's files: `build.json`, `care.ics` to save or subscribe to, `cuts.csv`, `shopping.csv`, `shop-sheet.pdf`, `sheets.dxf`, `faces.dxf`, `sheets.svg`,
 * with its photographs `build.zip`, the next day at the bench as `bench-sheet-a4.pdf` and `bench-sheet-letter.pdf`,
 * labels as `labels-a4.pdf` and `labels-letter.pdf`, the walk round every gap as `walk-round-a4.pdf` and
 * `walk-round-letter.pdf`, the back at 1 : 1 as `back-a4.pdf` and
 * `back-letter.pdf`, a template of each feature as
 * `template-<feature>-inside-a4.pdf` and so on, and of a part's cut-out corner as `corner-<part>-a4.pdf`.
 */
export async function loader({ params }: Route.LoaderArgs) {
  const read = await planInputOf(params.id);
  if (!read) throw data("There is no build of this name.", { status: 404 });
  if (!read.ok) throw data(read.message, { status: 409 });
  const input = read.value;
  const send = (body: BodyInit, type: string) =>
    new Response(body, {
      headers: {
        "Content-Type": type,
        "Content-Disposition": `attachment; filename="${params.id}-${params.file}"`,
      },
    });
  switch (params.file) {
    case "build.json":
      return send(writeBuildFile(input), "application/json; charset=utf-8");
    case "care.ics": {
      const planned = planOnServer(input);
      const { residentsInAt } = planned.diary;
      if (residentsInAt === null)
        throw data("Nobody knows yet when residents move in: give the workshop hours first.", { status: 404 });
      return send(careIcs(planned, input.log, input.design.name, residentsInAt), "text/calendar; charset=utf-8");
    }
    case "cuts.csv":
      return send(cutListCsv(planOnServer(input)), "text/csv; charset=utf-8");
    case "shopping.csv":
      return send(shoppingCsv(planOnServer(input)), "text/csv; charset=utf-8");
    case "shop-sheet.pdf":
      return send(new Uint8Array(await shopSheetPdf(planOnServer(input), input.design.name)), "application/pdf");
    case "sheets.dxf":
      return send(sheetsDxf(planOnServer(input)), "image/vnd.dxf");
    case "faces.dxf":
      return send(facesDxf(planOnServer(input)), "image/vnd.dxf");
    case "sheets.svg":
      return send(sheetsSvg(planOnServer(input), input.design.name), "image/svg+xml; charset=utf-8");
    case "labels-a4.pdf":
    case "labels-letter.pdf":
      return send(
        new Uint8Array(
          await labelsPdf(planOnServer(input), input.design.name, params.file === "labels-a4.pdf" ? "a4" : "letter"),
        ),
        "application/pdf",
      );
    case "walk-round-a4.pdf":
    case "walk-round-letter.pdf":
      return send(
        new Uint8Array(
          await walkRoundPdf(
            planOnServer(input),
            input.design.name,
            params.file === "walk-round-a4.pdf" ? "a4" : "letter",
          ),
        ),
        "application/pdf",
      );
    case "bench-sheet-a4.pdf":
    case "bench-sheet-letter.pdf":
      return send(
        new Uint8Array(
          await benchSheetPdf(
            planOnServer(input),
            input.design.name,
            params.file === "bench-sheet-a4.pdf" ? "a4" : "letter",
          ),
        ),
        "application/pdf",
      );
    case "build.zip":
      return send(await zipOf(params.id, writeBuildFile(input)), "application/zip");
    case "back-a4.pdf":
    case "back-letter.pdf":
      return send(
        new Uint8Array(
          await backTilesPdf(planOnServer(input), input.design.name, params.file === "back-a4.pdf" ? "a4" : "letter"),
        ),
        "application/pdf",
      );
    default: {
      const guide = /^slips-(.+)-(a4|letter)\.pdf$/.exec(params.file);
      const template = readTemplateFile(params.file);
      const planned = planOnServer(input);
      const slips = planned.site.variant.slips.find((s) => s.id === guide?.[1]);
      const lines = slips && slipsGuidePdf(planned, input.design.name, slips, guide![2] as "a4" | "letter");
      if (lines) return send(new Uint8Array(await lines), "application/pdf");
      const corner = readCornerFile(params.file);
      const odd = planned.site.variant.oddParts.find((o) => o.id === corner?.oddId);
      const cornerPdf = corner && odd && cornerTemplatePdf(planned, input.design.name, odd, corner.paper);
      if (cornerPdf) return send(new Uint8Array(await cornerPdf), "application/pdf");
      const feature = planned.site.variant.features.find((f) => f.id === template?.featureId);
      if (template && feature && hasTemplate(feature))
        return send(
          new Uint8Array(await templatePdf(planned, input.design.name, feature, template.side, template.paper)),
          "application/pdf",
        );
      throw data("There is no such file of a build.", { status: 404 });
    }
  }
}
