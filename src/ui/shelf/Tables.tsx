"use client";
import type { ReactNode } from "react";
import { bringMaterials, type Material } from "@/core/material";

/** The materials that a page shows, sent with it; what it does not show comes when somebody looks for it. */
export function Tables({ of, children }: { of: readonly Material[]; children: ReactNode }) {
  bringMaterials(of);
  return children;
}
