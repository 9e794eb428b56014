import { Box } from "@chakra-ui/react";
import { Command } from "cmdk";
import { type ReactNode, useEffect } from "react";
import { useFetcher, useNavigate } from "react-router";
import { thingKey } from "#core/things/key";
import type { loader } from "../routes/builds";
import { useBuildHandle } from "../state/context";
import { useGo } from "./go";

/** Most things or figures that are listed at once of a kind: more are found by typing. */
const MOST = 400;

/** Stages, things, figures, what can be done, builds, and materials, found by any part of their names. */
export function Palette({ onDone }: { onDone: () => void }) {
  const { api, openWorking, buildId, stages } = useBuildHandle();
  const go = useGo();
  const navigate = useNavigate();
  const { load, data: known } = useFetcher<typeof loader>();
  useEffect(() => {
    load("/?index");
  }, [load]);
  const { plan, seen, bench } = api.shown.getState();
  const done = (act: () => void) => () => {
    onDone();
    act();
  };
  const acts: { words: string; act: () => void }[] = [
    { words: "Undo", act: api.undo },
    { words: "Redo", act: api.redo },
    {
      words: "Show lengths in the other unit",
      act: () =>
        api.commit((draft) => {
          draft.brief.units = draft.brief.units.unit === "mm" ? { unit: "in", denominator: 16 } : { unit: "mm" };
        }),
    },
    ...plan.snags.flatMap((s) => (s.fix && !s.waived ? [{ words: s.fix.label, act: () => api.applyFix(s.fix!) }] : [])),
    { words: "Shopping list, CSV", act: () => location.assign(`/builds/${buildId}/files/shopping.csv`) },
    { words: "Build, JSON", act: () => location.assign(`/builds/${buildId}/files/build.json`) },
    { words: "Builds", act: () => navigate("/") },
    { words: "New build", act: () => navigate("/new") },
    { words: "Workshop: hours, saw, rack", act: () => navigate("/workshop") },
  ];
  return (
    <Box
      p="2"
      css={{
        "& [cmdk-input]": { width: "100%", padding: "0.5rem", background: "transparent", fontSize: "1rem" },
        "& [cmdk-list]": { maxHeight: "60dvh", overflowY: "auto" },
        "& [cmdk-group-heading]": { color: "muted", fontSize: "xs", padding: "0.3rem 0.5rem" },
        "& [cmdk-item]": { padding: "0.3rem 0.5rem", cursor: "pointer", fontSize: "sm" },
        "& [cmdk-item][data-selected=true]": { background: "fernSoft" },
      }}
    >
      <Command label="Find or do">
        <Command.Input autoFocus placeholder="A stage, a thing, a figure, a build, a material, or what to do" />
        <Command.List>
          <Command.Empty>Nothing of that name. Try a shorter part of it.</Command.Empty>
          <Group heading="Stages">
            {stages.map(({ id, label }) => (
              <Command.Item key={id} value={`stage ${label}`} onSelect={done(() => go(id))}>
                {label}
              </Command.Item>
            ))}
          </Group>
          <Group heading="Things">
            {seen.things.slice(0, MOST).map((thing) => (
              <Command.Item
                key={thingKey(thing)}
                value={`${thing.name} ${thing.what} ${thingKey(thing)}`}
                onSelect={done(() => go(thing.stage, thing))}
              >
                {`${thing.name} · ${thing.what}`}
              </Command.Item>
            ))}
          </Group>
          <Group heading="Do">
            {acts.map(({ words, act }, i) => (
              <Command.Item key={`${words}/${i.toString()}`} value={`do ${words} ${i}`} onSelect={done(act)}>
                {words}
              </Command.Item>
            ))}
          </Group>
          <Group heading="Figures">
            {plan.figures.slice(0, MOST).map((figure) => (
              <Command.Item
                key={figure.id}
                value={`${figure.label} ${figure.id}`}
                onSelect={done(() => openWorking(figure.id))}
              >
                {figure.label}
              </Command.Item>
            ))}
          </Group>
          <Group heading="Builds">
            {known?.builds
              .filter(({ id }) => id !== buildId)
              .map(({ id, name }) => (
                <Command.Item key={id} value={`build ${name} ${id}`} onSelect={done(() => navigate(`/builds/${id}`))}>
                  {name}
                </Command.Item>
              ))}
          </Group>
          <Group heading="Materials">
            {bench.book.materials.map((material) => (
              <Command.Item
                key={material.id}
                value={`${material.name} ${material.id}`}
                onSelect={done(() => go("buying", lineOf(material.id)))}
              >
                {material.name}
              </Command.Item>
            ))}
          </Group>
        </Command.List>
      </Command>
    </Box>
  );

  /** The line of the shopping list that a material is bought by. */
  function lineOf(materialId: string) {
    const line = plan.buying.lines.find((l) => l.materialId === materialId);
    return line && ({ kind: "line", id: line.id } as const);
  }
}

const Group = ({ heading, children }: { heading: string; children: ReactNode }) => (
  <Command.Group heading={heading}>{children}</Command.Group>
);
