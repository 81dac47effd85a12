"use client";
import { materialName } from "@/words/names";
import { opened } from "../parts/later";
import { Sheet } from "../parts/Sheet";
import type { LineFieldsProps } from "./LineFields";

const LineFields = opened<LineFieldsProps>(() => import("./LineFields").then((file) => file.LineFields));

interface LineSheetProps extends LineFieldsProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** One thing in the bowl: its name and amount as a button, its fields on a sheet. */
export function LineSheet({ open, onOpenChange, ...fields }: LineSheetProps) {
  const { line, amount } = fields;
  return (
    <Sheet
      title={materialName(line.materialId)}
      open={open}
      onOpenChange={onOpenChange}
      trigger={
        <button
          type="button"
          className={
            "grid min-h-11 w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-2 text-left hover:bg-sunk" +
            " md:min-h-6"
          }
        >
          <span className="break-words text-quiet md:leading-tight">
            <span className="pressable !text-quiet decoration-1">{materialName(line.materialId)}</span>
          </span>
          <span className="whitespace-nowrap font-semibold">{amount}</span>
        </button>
      }
    >
      <LineFields {...fields} />
    </Sheet>
  );
}
