import { JarChangeInput } from "@/inputs/shelfInput";
import { changeJar } from "@/server/jars";
import { notFound } from "@/server/refusal";
import { reads, writes } from "@/server/route";
import { findJar, readingsOfJar } from "@/store/jars";
import { movesOfJar } from "@/store/stock";

export const GET = reads(async ({ household, params }) => {
  const jar = await findJar(household.id, params.id);
  if (!jar) throw notFound();
  const [moves, readings] = await Promise.all([
    movesOfJar(household.id, params.id),
    readingsOfJar(household.id, params.id),
  ]);
  return { jar, moves, readings };
});
export const PUT = writes(JarChangeInput, changeJar);
