import { house } from "@/server/page";
import { lookupOf } from "@/server/shelf";
import { NewJar } from "@/ui/shelf/NewJar";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "A new jar" };

export default async function Page({ searchParams }: { searchParams: Promise<{ of?: string }> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const { of } = await searchParams;
  return <NewJar start={of ? (await lookupOf(found.household.id))(of) : undefined} />;
}
