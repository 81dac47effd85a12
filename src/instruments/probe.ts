import { serveInstrument } from "./serve";

// tsx src/instruments/probe.ts PORT
serveInstrument("probe", Number(process.argv[2]));
