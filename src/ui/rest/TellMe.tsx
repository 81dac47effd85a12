"use client";
import { useEffect, useState } from "react";
import { Button } from "../parts/Button";
import { canNotify } from "../notify";

/** Being told when it is ready, and before its end, also while another window is in front. */
export function TellMe() {
  const [may, setMay] = useState<"granted" | "denied" | "default" | "never">();
  useEffect(() => setMay(canNotify() ? Notification.permission : "never"), []);
  if (may === undefined) return null;
  return (
    <p role="status">
      {may === "default" ? (
        <Button onClick={() => void Notification.requestPermission().then(setMay)}>Tell me when it is ready</Button>
      ) : may === "granted" ? (
        "This device says when it is ready, and an hour before its end, while a page of the house is open."
      ) : (
        "The foot of every page says when it is ready, and an hour before its end."
      )}
    </p>
  );
}
