"use client";
import { useEffect, useState } from "react";

/** How long something has to stand still before it is said. */
const STILL_MS = 900;

/** Says a text to those who listen, once, when it has stopped changing; the first one is on the page anyway. */
export function Announced({ text }: { text: string }) {
  const [first] = useState(text);
  const [said, setSaid] = useState("");
  useEffect(() => {
    const timer = setTimeout(() => setSaid((before) => (before === "" && text === first ? "" : text)), STILL_MS);
    return () => clearTimeout(timer);
  }, [text, first]);
  return (
    <p role="status" className="sr-only">
      {said}
    </p>
  );
}
