import { house } from "@/server/page";
import { MixView } from "@/ui/shelf/MixView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Mix your own" };

export default async function Page() {
  return (await house()) ? <MixView /> : <NoHouse />;
}
