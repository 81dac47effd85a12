import { liquidParts, lookupIn, type PasteAnswer, type PasteQuestion } from "../paste";
import { phaseOf, type Phase } from "../material";
import { asMade, foldBatch, kindOf, type BatchEvent } from "../batch";
import { inOrder } from "../happening";

/** What one event of a bowl took off the shelf. `slot` tells draws of one event apart. */
export interface Withdrawal {
  readonly eventId: string;
  readonly slot: string;
  readonly materialId: string;
  /** The jar that was planned; undefined for what was added in the bowl. */
  readonly jarId?: string;
  readonly massG: number;
}

/**
 * Every draw of a bowl on the shelf, from its events: a planned line is drawn by the first thing that says it is in
 * (measured out, its step ticked, the bowl mixed), as much as really went in; pours draw the liquid; what was added
 * draws itself. A withdrawn event draws nothing.
 */
export function withdrawalsOf(
  question: PasteQuestion,
  answer: PasteAnswer,
  events: readonly BatchEvent[],
): Withdrawal[] {
  const state = foldBatch(events);
  const gone = new Set(state.withdrawn);
  const standing = [...new Map(events.map((event) => [event.id, event])).values()]
    .filter(({ id }) => !gone.has(id))
    .sort(inOrder);
  const find = lookupIn(question);
  const phases = answer.lines.map(
    ({ materialId, phase }): Phase => phase ?? phaseOf(find(materialId) ?? { family: "base", form: "soft" }),
  );
  const by: (string | undefined)[] = answer.lines.map(() => undefined);
  const pours: { readonly eventId: string; readonly ml: number }[] = [];
  for (const { id, payload } of standing) {
    const kind = kindOf(payload);
    const ml = kind?.poursMl?.(payload) ?? 0;
    if (ml > 0) pours.push({ eventId: id, ml });
    const said = kind?.saysIn?.(payload, state);
    if (!said) continue;
    by.forEach((one, line) => {
      const isIn = said === "everything" || ("line" in said ? said.line === line : said.phase === phases[line]);
      if (isIn) by[line] = one ?? id;
    });
  }
  const made = asMade(question, answer, state);
  const planned = made.lines.flatMap(({ line, materialId, jarId, reallyG }): Withdrawal[] => {
    const eventId = line === undefined ? undefined : by[line];
    return eventId === undefined || !(reallyG > 0)
      ? []
      : [{ eventId, slot: `line ${line}`, materialId, ...(jarId === undefined ? {} : { jarId }), massG: reallyG }];
  });
  const added = made.lines.slice(answer.lines.length).map(({ materialId, reallyG }, i): Withdrawal => ({
    eventId: state.added[i].eventId,
    slot: "added",
    materialId,
    massG: reallyG,
  }));
  const liquids = liquidParts(question.liquid).map(({ materialId, jarId, share }, i) => ({
    slot: i === 0 ? "liquid" : "second liquid",
    materialId,
    ...(jarId === undefined ? {} : { jarId }),
    gPerMl: share * (find(materialId, jarId)?.bulkDensityGPerMl.value ?? 1),
  }));
  const poured = pours.flatMap(({ eventId, ml }) =>
    liquids.map(({ gPerMl, ...liquid }): Withdrawal => ({ eventId, ...liquid, massG: ml * gPerMl })),
  );
  // What was mixed later is of the same things, in the same proportions.
  const totalG = answer.totalG.mid;
  const liquidMl = answer.liquid.state === "unreachable" ? 0 : answer.liquid.ml.mid;
  const more = state.more.flatMap(({ eventId, massG }) => [
    ...answer.lines.map((line, i): Withdrawal => {
      const { materialId, jarId } = line;
      const own = jarId === undefined ? {} : { jarId };
      return { eventId, slot: `line ${i}`, materialId, ...own, massG: (massG * line.massG.mid) / totalG };
    }),
    ...liquids.map(({ gPerMl, ...liquid }): Withdrawal => {
      return { eventId, ...liquid, massG: (massG * liquidMl * gPerMl) / totalG };
    }),
  ]);
  return [...planned, ...added, ...poured, ...more].filter(({ massG }) => massG > 0);
}
