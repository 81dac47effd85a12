import { PLAIN_HEAD } from "../head";
import { findMaterial } from "../material";
import { COMMONEST, computePaste, STARTING_BLENDS } from ".";

test.each(STARTING_BLENDS.map((one) => [one.name, one] as const))(
  "%s is a bowl on a middle head that is solved and stays on, with nothing to stop it",
  (_, { purpose, word, liquid, lines }) => {
    const answer = computePaste({
      head: PLAIN_HEAD,
      purpose,
      spoons: "metric",
      sizing: "likely",
      kitchenTempC: 21,
      target: { word },
      liquid,
      lines,
    });
    if (!answer.ok) throw new Error(JSON.stringify(answer.problems));
    expect(answer.value.liquid.state).toBe("solved");
    expect(["stays", "shouldStay"]).toContain(answer.value.verdict.state);
    expect(answer.value.cautions.filter(({ level }) => level === "stop")).toEqual([]);
  },
);

test("what a first visit shows are thirty powders, each once", () => {
  expect(new Set(COMMONEST).size).toBe(30);
  for (const id of COMMONEST) expect([id, findMaterial(id)?.form]).toEqual([id, "powder"]);
});
