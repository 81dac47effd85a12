import Link from "next/link";

export default function NotFound() {
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-10 md:px-10">
      <h1 className="text-sentence">That is not in the household’s book.</h1>
      <p className="mt-2">
        It may have been removed, or the address is off by a letter.{" "}
        <Link href="/log" className="pressable">
          Look in the log
        </Link>
        .
      </p>
    </div>
  );
}
