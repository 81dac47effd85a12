import { randomInt } from "node:crypto";
import { PracticeView } from "@/ui/practice/PracticeView";
import { house } from "@/server/page";

export const metadata = { title: "Practice bowl" };

export default async function Page() {
  await house();
  return <PracticeView firstSeed={randomInt(2 ** 31)} />;
}
