import { notFound } from "next/navigation";
import { LIMITS } from "@/core/limits";
import { METHODS } from "@/core/making";
import { atHandFor } from "@/server/commonest";
import { house } from "@/server/page";
import { METHOD_WORDS } from "@/words/making";
import { MakingView } from "@/ui/making/MakingView";
import { NoHouse } from "@/ui/today/NoHouse";

interface Props {
  readonly params: Promise<{ method: string }>;
  readonly searchParams: Promise<{ of?: string; how?: string; as?: string }>;
}

export const generateMetadata = async ({ params }: Props) => ({
  title: `Make ${METHOD_WORDS[(await params).method]?.name ?? "something"}`,
});

const MOST = 40;
/** `one~other`, several with commas. */
const pairsIn = (text = ""): [string, string][] =>
  text
    .split(",")
    .slice(0, MOST)
    .flatMap((one): [string, string][] => {
      const [left, right] = one.split("~");
      return left && right ? [[left, right]] : [];
    });

export default async function Page({ params, searchParams }: Props) {
  const { method: id } = await params;
  const method = METHODS.find((one) => one.id === id);
  if (!method) notFound();
  const found = await house();
  if (!found) return <NoHouse />;
  const { of, how, as: called } = await searchParams;
  const { kitchenTempC, altitudeM, timeZone } = found.settings;
  return (
    <MakingView
      key={`${id} ${of} ${how} ${called}`}
      methodId={id}
      kitchenTempC={kitchenTempC}
      altitudeM={altitudeM}
      timeZone={timeZone}
      atHand={atHandFor(method)}
      begins={
        of
          ? {
              things: pairsIn(of).map(([materialId, grams]) => ({ materialId, grams })),
              settings: Object.fromEntries(pairsIn(how)),
              ...(called?.trim() ? { called: called.trim().slice(0, LIMITS.thingNameChars.max) } : {}),
            }
          : undefined
      }
    />
  );
}
