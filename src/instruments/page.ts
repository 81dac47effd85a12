import { INSTRUMENTS, SIMULATED, type Control, type InstrumentId } from "@/core/instrument";

/** The page of a simulated instrument: what it shows, and a row for each thing that can be done to it. */

const UNIT: Readonly<Record<(typeof INSTRUMENTS)[InstrumentId]["unit"], string>> = { g: "g", C: "°C" };

const row = ({ id, words, number }: Control): string =>
  number
    ? `<form data-control="${id}"><label for="${id}">${words}</label>` +
      `<input id="${id}" type="number" step="any" min="${number.min}" max="${number.max}" value="${number.initial}">` +
      `<span>${number.unit}</span><button>do it</button></form>`
    : `<form data-control="${id}"><button class="wide">${words}</button></form>`;

export function pageOf(id: InstrumentId): string {
  const { name, controls } = SIMULATED[id];
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>${name}</title>
<link rel="stylesheet" href="/page.css"><script type="module" src="/page.js"></script>
</head>
<body>
<main>
<h1>${name}</h1>
<output id="value" data-unit="${UNIT[INSTRUMENTS[id].unit]}">–</output>
<p id="state" role="status">silent</p>
${controls.map(row).join("\n")}
<p id="trouble" role="alert"></p>
</main>
</body>
</html>
`;
}

export const PAGE_STYLE = `
:root { color-scheme: light dark; --ink: light-dark(oklch(0.27 0.03 160), oklch(0.93 0.015 110)); }
body { margin: 0; font: 1rem/1.5 system-ui, sans-serif; color: var(--ink);
  background: light-dark(oklch(0.97 0.01 110), oklch(0.22 0.02 165)); }
main { max-width: 24rem; margin: 0 auto; padding: 1.5rem 1rem; }
h1 { font-size: 1.1rem; margin: 0; }
output { display: block; font-size: 3.2rem; line-height: 1.2; text-align: right; font-variant-numeric: tabular-nums;
  border-bottom: 3px solid; padding: 0.5rem 0; }
#state { text-align: right; margin: 0.25rem 0 1rem; }
#trouble { min-height: 1.5em; }
form { display: grid; grid-template-columns: 5.5rem 1fr 6.5rem auto; gap: 0.6rem; align-items: center;
  margin-bottom: 0.6rem; }
input { font: inherit; width: 100%; box-sizing: border-box; min-height: 2.75rem; padding: 0 0.5rem; }
button { font: inherit; min-height: 2.75rem; padding: 0 1rem; }
.wide { grid-column: 1 / -1; }
`;

export const PAGE_SCRIPT = `
const value = document.querySelector("#value"), state = document.querySelector("#state");
const trouble = document.querySelector("#trouble");
const listen = () => {
  const source = new EventSource("/shown");
  source.onmessage = ({ data }) => {
    const shown = JSON.parse(data);
    value.textContent = shown.value.toFixed(1) + " " + value.dataset.unit;
    state.textContent = shown.stable ? "stands still" : "moves";
  };
  source.onerror = () => {
    source.close();
    value.textContent = "–";
    state.textContent = "silent";
    setTimeout(listen, 500);
  };
};
listen();
for (const form of document.querySelectorAll("form"))
  form.addEventListener("submit", async (event) => {
    event.preventDefault();
    const { control } = form.dataset;
    const input = form.querySelector("input");
    const answer = await fetch("/act", {
      method: "POST",
      body: JSON.stringify({ control, ...(input ? { amount: input.valueAsNumber } : {}) }),
    });
    trouble.textContent = answer.ok ? "" : await answer.text();
  });
`;
