import "../catalogue";
import { checkPayload, type BatchPayload } from ".";

test.each<[unknown, string]>([
  [{ kind: "poured", ml: -1 }, "payload.ml tooSmall"],
  [{ kind: "poured", ml: "ten" }, "payload.ml notANumber"],
  [{ kind: "marked", mark: "soft", value: 6 }, "payload.value unknownChoice"],
  [{ kind: "said", word: "meh" }, "payload.word unknownChoice"],
  [{ kind: "ticked", step: "dance", done: true }, "payload.step unknownChoice"],
  [{ kind: "exploded" }, "payload.kind unknownChoice"],
  [{ kind: "noted", text: 5 }, "payload.text notText"],
  [{ kind: "closed", why: "bored" }, "payload.why unknownField"],
  [{ kind: ["closed"] }, "payload.kind unknownChoice"],
  [{}, "payload.kind unknownChoice"],
])("%j is refused", (payload, expected) => {
  expect(checkPayload(payload as BatchPayload).map(({ field, code }) => `${field} ${code}`)).toContain(expected);
});

test.each<[BatchPayload, string | undefined]>([
  [{ kind: "measured", line: 2, amount: 3, unit: "tbsp", fill: "heaped" }, undefined],
  [{ kind: "heaped", line: 0, unit: "cup" }, undefined],
  [{ kind: "added", materialId: "honey", amount: 1, unit: "tbsp", fill: "level" }, undefined],
  [{ kind: "moved", place: "fridge" }, undefined],
  [{ kind: "measured", line: -1, amount: 3, unit: "tbsp", fill: "level" }, "payload.line unknownChoice"],
  [{ kind: "measured", line: 0, amount: -3, unit: "g", fill: "level" }, "payload.amount tooSmall"],
  [{ kind: "heaped", line: 0.5, unit: "cup" }, "payload.line unknownChoice"],
  [{ kind: "heaped", line: 0, unit: "g" as "cup" }, "payload.unit unknownChoice"],
  [
    { kind: "added", materialId: "moondust", amount: 1, unit: "g", fill: "level" },
    "payload.materialId unknownMaterial",
  ],
  [{ kind: "added", materialId: "amla", amount: 1, unit: "piece", fill: "level" }, "payload.unit unitNotForThis"],
  [{ kind: "moved", place: "moon" as "fridge" }, "payload.place unknownChoice"],
  [{ kind: "moved", place: "elsewhere", tempC: 30 }, undefined],
  [{ kind: "moved", place: "elsewhere" }, "payload.tempC required"],
  [{ kind: "moved", place: "elsewhere", tempC: 200 }, "payload.tempC tooLarge"],
  [{ kind: "moved", place: "fridge", tempC: 4 }, "payload.tempC unknownField"],
  [{ kind: "sectioned", of: 4, section: "s1", done: true }, undefined],
  [{ kind: "sectioned", of: 5 as 4, section: "s1", done: true }, "payload.of unknownChoice"],
  [{ kind: "sectioned", of: 4, section: "nose", done: true }, "payload.section unknownChoice"],
  [{ kind: "onScale", leftG: 120 }, undefined],
  [{ kind: "onScale", leftG: -1 }, "payload.leftG tooSmall"],
  [{ kind: "weighed", leftG: 12, reached: true }, undefined],
  [{ kind: "weighed", leftG: 1e6, reached: true }, "payload.leftG tooLarge"],
  [{ kind: "dabbed", mark: "clear" }, undefined],
  [{ kind: "gauged", tempC: 38 }, undefined],
  [{ kind: "gauged", tempC: 200 }, "payload.tempC tooLarge"],
  [{ kind: "dabbed", mark: "purple" as "clear" }, "payload.mark unknownChoice"],
  [{ kind: "strandTested", hoursOn: 2.5, looks: "alike" }, undefined],
  [{ kind: "strandTested", hoursOn: 2, looks: "alike", photo: "data:image/jpeg;base64,/9j/4AAQ" }, undefined],
  [{ kind: "strandTested", hoursOn: 2, looks: "alike", photo: "https://away" }, "payload.photo notAPicture"],
  [{ kind: "strandTested", hoursOn: 200, looks: "alike" }, "payload.hoursOn tooLarge"],
  [{ kind: "tended", task: "shampoo", done: true }, undefined],
  [{ kind: "tended", task: "iron" as "dry", done: true }, "payload.task unknownChoice"],
])("%j: %s", (payload, expected) => {
  expect(checkPayload(payload).map(({ field, code }) => `${field} ${code}`)).toEqual(expected ? [expected] : []);
});
