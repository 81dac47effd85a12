import { exact, fromMemory, type Figure } from "../../figure";
import type { Form, Job, Material } from "../../material";
import { GUM_SOAK } from "./herb";
import { material, NO_OIL, type Row } from "./write";

export const ALL = exact(1, "by definition");
export const NONE = exact(0, "by definition");
export const WAX_DENSITY = fromMemory(0.85, 0.8, 0.95, "CRC Handbook, fatty alcohols 0.81–0.90 g/ml");
export const sheet = (value: number, low: number, high: number, what: string): Figure =>
  fromMemory(value, low, high, `makers' data sheets, ${what}`);

interface Part extends Omit<Row, "jobs"> {
  readonly jobs: readonly Job[];
  readonly form: Form;
  readonly bulk: Figure;
  readonly water?: Figure;
  readonly oil?: Figure;
  readonly dissolving?: Figure;
  readonly solids?: Figure;
  readonly holding?: Figure;
}
export const part = ({
  form,
  bulk,
  water = NONE,
  oil = NO_OIL,
  dissolving = ALL,
  solids = ALL,
  holding,
  ...row
}: Part): Material =>
  material("lotionPart", form, row, {
    water,
    oil,
    dissolving,
    solidsDensityGPerMl: solids,
    bulk,
    holding: holding ? { kind: "perGram", mlPerG: holding } : { kind: "none" },
    ...(holding && { soak: GUM_SOAK }),
  });
