/** Whether this browser can tell somebody something while another window is in front. */
export const canNotify = (): boolean => typeof Notification !== "undefined" && window.isSecureContext;

const shown = new Set<string>();
/** Says it once, where it was allowed. */
export function showReminder(id: string, text: string): void {
  if (!canNotify() || Notification.permission !== "granted" || shown.has(id)) return;
  shown.add(id);
  try {
    new Notification(text, { tag: id, icon: "/icon.svg" });
  } catch {
    // Some phones show none from a page; it stands in the foot and in the title.
  }
}
