"use client";
import { useEffect, useState } from "react";

/** A text as a QR code, drawn from its modules; black on white in every theme, since cameras want it so. */
export function QrCode({ text, label }: { text: string; label: string }) {
  const [drawn, setDrawn] = useState<{ readonly size: number; readonly path: string }>();
  useEffect(() => {
    let gone = false;
    void import("qrcode").then(({ create }) => {
      const { modules } = create(text, { errorCorrectionLevel: "M" });
      const path = Array.from(modules.data, (dark, i) =>
        dark ? `M${i % modules.size} ${Math.floor(i / modules.size)}h1v1h-1z` : "",
      ).join("");
      if (!gone) setDrawn({ size: modules.size, path });
    });
    return () => {
      gone = true;
    };
  }, [text]);
  if (!drawn) return <div className="h-56 w-56" />;
  return (
    <svg
      viewBox={`-4 -4 ${drawn.size + 8} ${drawn.size + 8}`}
      className="h-56 w-56"
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
    >
      <rect x="-4" y="-4" width={drawn.size + 8} height={drawn.size + 8} fill="white" />
      <path d={drawn.path} fill="black" />
    </svg>
  );
}
