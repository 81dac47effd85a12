import { foldBatch } from "@/core/batch";
import { cautionsFor, strengthOf } from "@/core/caution";
import type { Head } from "@/core/head";
import { liquidParts, lookupIn, thingsOf, withKept } from "@/core/paste";
import type { ErasedInput } from "@/inputs/doorInput";
import { blankPromised } from "@/store/blends";
import * as batches from "@/store/batches";
import { listEvents } from "@/store/events";
import { sendAway } from "@/store/devices";
import { blankHead } from "@/store/heads";
import { blankMakingNotes } from "@/store/makings";
import { blankNotes, blankPerson, NOBODY } from "@/store/persons";
import type { Write } from "@/store/transaction";
import { notFound } from "./refusal";
import type { Asked } from "./route";
import { settleLists } from "./settle";

/** What of a head is about the person and not the arithmetic. */
const blanked = ({ traits, shed: _, trials: __, washDay: ___, ...hair }: Head): Head => ({
  ...hair,
  // How it is worn is in the amounts.
  ...(traits?.usuallyWorn ? { traits: { usuallyWorn: traits.usuallyWorn } } : {}),
  age: "adult",
  pregnant: false,
  soreScalp: false,
  asthma: false,
  allergies: [],
});

/**
 * Erases a person: name, health, notes and devices go, from the heads and from every batch made for them; amounts,
 * lengths, times and marks stay, so that the record still adds up. It cannot be taken back.
 */
export async function erasePerson({ params }: Asked<ErasedInput>, write: Write) {
  const headIds = await blankPerson(write, params.id);
  if (!headIds) throw notFound();
  await sendAway(write, { personId: params.id });
  for (const id of headIds) await blankHead(write, id, NOBODY, blanked);
  await blankPromised(write, blanked);
  await blankMakingNotes(write, params.id);
  const touched = new Set(await blankNotes(write, params.id, headIds));
  for (const batch of await batches.batchesOnHeads(write, headIds)) {
    const question = { ...batch.question, head: blanked(batch.question.head) };
    const find = lookupIn(withKept(question, batch.figures));
    const materials = thingsOf(question).flatMap(({ materialId, jarId }) => find(materialId, jarId) ?? []);
    const { lines, liquid } = batch.answer;
    const poured = liquid.state === "unreachable" ? 0 : liquid.ml.mid;
    const inBowl = [
      ...lines.map(({ materialId, jarId, massG }) => ({ material: find(materialId, jarId), massG: massG.mid })),
      ...liquidParts(question.liquid).map(({ materialId, jarId, share }) => {
        const material = find(materialId, jarId);
        return { material, massG: share * poured * (material?.bulkDensityGPerMl.value ?? 1) };
      }),
    ].flatMap(({ material, massG }) => (material ? [{ material, massG }] : []));
    const cautions = cautionsFor({
      restMin: batch.answer.rest.restMin,
      strength: strengthOf(inBowl),
      head: question.head,
      purpose: question.purpose,
      kitchenTempC: question.kitchenTempC,
      liquidTempC: question.liquid.tempC,
      materials,
    });
    await batches.blankBatch(write, batch.id, { headName: NOBODY, question, answer: { ...batch.answer, cautions } });
    touched.add(batch.id);
  }
  for (const id of touched) await settleLists(write, id, foldBatch(await listEvents(write.householdId, id, write.trx)));
  return { id: params.id, rev: write.rev };
}
