import { draggable, dropTargetForElements } from "@atlaskit/pragmatic-drag-and-drop/element/adapter";

const BOWL = "[data-drop=bowl]";
const WHAT = "materialId";

/** Lets a thing be carried to the bowl; gives the way to end it. */
export const carried = (element: HTMLElement, materialId: string): (() => void) =>
  draggable({ element, getInitialData: () => ({ [WHAT]: materialId }) });

/** Lets the bowl of this page take what is carried to it; gives the way to end it. */
export function bowlTakes(onDrop: (materialId: string) => void): () => void {
  const element = document.querySelector<HTMLElement>(BOWL);
  if (!element) return () => undefined;
  const over = (is: boolean) => element.toggleAttribute("data-over", is);
  return dropTargetForElements({
    element,
    canDrop: ({ source }) => typeof source.data[WHAT] === "string",
    onDragEnter: () => over(true),
    onDragLeave: () => over(false),
    onDrop: ({ source }) => {
      over(false);
      onDrop(String(source.data[WHAT]));
    },
  });
}
