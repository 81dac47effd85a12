import { serveInstrument } from "./serve";

// tsx src/instruments/scale.ts PORT
serveInstrument("scale", Number(process.argv[2]));
