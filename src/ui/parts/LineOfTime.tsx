import type { ReactNode } from "react";

/** Steps along a line, each with its time. */
export const LineOfTime = ({ children }: { readonly children: ReactNode }) => (
  <ol className="relative ml-1.5 border-l-[3px] border-ink">{children}</ol>
);

interface StepOnLineProps {
  readonly at: string;
  readonly done?: boolean;
  readonly children: ReactNode;
}

export const StepOnLine = ({ at, done = false, children }: StepOnLineProps) => (
  <li className="grid grid-cols-[4.4rem_1fr] gap-x-2 pb-3 print:pb-0.5 print:text-[9pt] print:leading-tight">
    <span className="relative pl-3 font-semibold tabular-nums">
      <span
        className={
          "absolute -left-[9px] top-1.5 h-[15px] w-[15px] rounded-full border-[3px] border-ink " +
          (done ? "bg-ink" : "bg-ground")
        }
        aria-hidden
      />
      {at}
    </span>
    <div>{children}</div>
  </li>
);
