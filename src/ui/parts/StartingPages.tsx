import Link from "next/link";

export interface StartingPage {
  readonly id: string;
  readonly name: string;
  readonly why: string;
}

/** Blends of our own making, each to be taken as a page to write on. */
export function StartingPages({ starts }: { readonly starts: readonly StartingPage[] }) {
  return (
    <ul className="mt-1 grid max-w-[52rem] gap-x-8 sm:grid-cols-2">
      {starts.map(({ id, name, why }) => (
        <li key={id} className="border-b border-line py-1">
          <Link href={`/blend?start=${id}`} className="flex min-h-11 flex-wrap items-center gap-x-3">
            <span className="pressable font-semibold">{name}</span>
            <span className="text-quiet">{why}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
