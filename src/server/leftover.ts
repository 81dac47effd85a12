import { asMade, bowlG, foldBatch, leftoverOf } from "@/core/batch";
import { checkNumber } from "@/core/checkNumber";
import { dayNumber, dayText, ownId } from "@/core/shelf";
import type { LeftoverInput } from "@/inputs/bookInput";
import { findBatch } from "@/store/batches";
import { listEvents } from "@/store/events";
import { insertJar, jarOwner } from "@/store/jars";
import { insertMoves } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { keepOnce } from "./keepThing";
import { notFound, taken, unusable } from "./refusal";
import type { Asked } from "./route";
import { todayIn } from "./today";

/** Puts what is left of a bowl on the shelf: a jar of a mixture of what went in, with the date until which it keeps. */
export async function keepLeftover({ input, params, settings }: Asked<LeftoverInput>, write: Write) {
  const { id, thingId, name, leftG, stands } = input;
  const owner = await jarOwner(write, id);
  if (owner === write.householdId) return { id, rev: write.rev };
  if (owner !== undefined) throw taken();
  const batch = await findBatch(write.householdId, params.id, write.trx);
  if (!batch) throw notFound();
  const events = await listEvents(write.householdId, params.id, write.trx);
  const { question, answer } = batch;
  const state = foldBatch(events);
  const made = asMade(question, answer, state);
  const wrong = checkNumber("leftG", leftG, "jarG");
  if (wrong) throw unusable([wrong]);
  const most = bowlG(answer, made, state);
  if (leftG > most) throw unusable([{ field: "leftG", code: "tooLarge", detail: { max: Math.round(most) } }]);
  // Where nobody noted what was poured, it is as planned.
  const leftover = state.pouredMl > 0 ? leftoverOf(made.question, made.answer ?? answer) : leftoverOf(question, answer);
  if (!leftover) throw unusable([{ field: "leftG", code: "required" }]);
  await keepOnce(write, thingId, {
    id: ownId(name),
    name: name.trim(),
    kind: "mixture",
    parts: leftover.parts,
    use: "a paste left over; thaw it in the fridge, and use all of it at once",
  });
  const today = todayIn(settings);
  await insertJar(write, {
    id,
    materialId: ownId(name),
    name: name.trim(),
    fullG: leftG,
    madeHere: true,
    boughtOn: today,
    openedOn: today,
    bestBefore: dayText(dayNumber(today)! + Math.max(0, Math.floor(leftover.keeps[stands].value))),
  });
  await insertMoves(write, [{ jarId: id, kind: "came", massG: leftG }]);
  return { id, rev: write.rev };
}
