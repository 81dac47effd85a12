import { lookupOn } from "@/core/shelf";
import { house } from "@/server/page";
import { shelfOf } from "@/store/jars";
import { NewJar } from "@/ui/shelf/NewJar";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "A new jar" };

export default async function Page({ searchParams }: { searchParams: Promise<{ of?: string }> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const { of } = await searchParams;
  return <NewJar start={of ? lookupOn(await shelfOf(found.household.id))(of) : undefined} />;
}
