/** What a person does before anything else on a page. */
const SIGNS = ["pointermove", "pointerdown", "touchstart", "keydown", "focusin", "scroll"] as const;

/**
 * Done as soon as somebody is there: the pointer moves, a key or the screen is touched, the page is scrolled. What
 * nobody can press before that need not come with the page.
 */
export const wanted: Promise<void> = new Promise((done) => {
  if (typeof window === "undefined") return done();
  const heard = () => {
    for (const sign of SIGNS) window.removeEventListener(sign, heard, true);
    done();
  };
  for (const sign of SIGNS) window.addEventListener(sign, heard, { capture: true, passive: true });
});

const PAUSES_MS = [300, 1500];
/** Fetches a piece of the page, again after a pause where the network was gone. */
export async function fetched<T>(load: () => Promise<T>): Promise<T> {
  for (const pauseMs of PAUSES_MS) {
    try {
      return await load();
    } catch {
      await new Promise((go) => setTimeout(go, pauseMs));
    }
  }
  return load();
}
