import { useId, type ReactNode } from "react";

interface FieldProps {
  readonly label: string;
  readonly problem?: string;
  readonly hint?: string;
  readonly children: (attributes: { id: string; "aria-invalid"?: true; "aria-describedby"?: string }) => ReactNode;
}

/** A label, its control, and one clear line when something is wrong. */
export function Field({ label, problem, hint, children }: FieldProps) {
  const id = useId();
  const note = problem ?? hint;
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-sm font-semibold">
        {label}
      </label>
      {children({
        id,
        ...(problem ? { "aria-invalid": true as const } : {}),
        ...(note ? { "aria-describedby": `${id}-note` } : {}),
      })}
      {note && (
        <p
          id={`${id}-note`}
          className={problem ? "text-sm text-stop" : "text-sm text-quiet"}
          role={problem ? "alert" : undefined}
        >
          {note}
        </p>
      )}
    </div>
  );
}
