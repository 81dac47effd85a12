import { house, idIn } from "@/server/page";
import { blendsWith } from "@/store/blends";
import { findJar, isUnsure } from "@/store/jars";
import { readingsOfJar } from "@/server/shelf";
import { movesOfJar } from "@/store/stock";
import { JarView } from "@/ui/shelf/JarView";
import { gone } from "@/app/gone";

export const metadata = { title: "A jar" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  const id = await idIn(params);
  const jar = found && (await findJar(found.household.id, id));
  if (!found || !jar) return gone("jar", id);
  const { household, settings } = found;
  const [moves, readings, usedIn, unsure] = await Promise.all([
    movesOfJar(household.id, id),
    readingsOfJar(household.id, id),
    blendsWith(household.id, jar.materialId),
    isUnsure(household.id, id),
  ]);
  return (
    <JarView
      jar={jar}
      moves={moves}
      readings={readings}
      usedIn={usedIn}
      unsure={unsure}
      timeZone={settings.timeZone}
      nowMs={Date.now()}
    />
  );
}
