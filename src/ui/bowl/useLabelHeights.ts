"use client";
import { useLayoutEffect, useState, type RefObject } from "react";

/**
 * How high each label of a list really is beside a picture, in picture units: names wrap as the page is narrow. What
 * cannot be measured yet (the server draws no page) is taken as `guess`.
 *
 * @param list what holds the labels, as high as the picture
 * @param ids of the labels, as they stand in the list
 * @param pictureWidth of the picture beside it, picture units; its width on the page is asked of `picture`
 */
export function useLabelHeights(
  list: RefObject<HTMLElement | null>,
  picture: RefObject<Element | null>,
  pictureWidth: number,
  ids: readonly string[],
  guess: number,
): readonly number[] {
  const which = ids.join(" ");
  const [measured, setMeasured] = useState<readonly number[]>([]);
  useLayoutEffect(() => {
    const measure = () => {
      if (!list.current || !picture.current) return;
      const px = picture.current.getBoundingClientRect().width / pictureWidth;
      if (!(px > 0)) return;
      const heights = [...list.current.children].map((label) => Math.ceil(label.getBoundingClientRect().height) / px);
      setMeasured((known) =>
        known.length === heights.length && known.every((one, i) => Math.abs(one - heights[i]) < 0.5) ? known : heights,
      );
    };
    measure();
    const observer = new ResizeObserver(measure);
    for (const one of [list.current, picture.current, ...(list.current?.children ?? [])])
      if (one) observer.observe(one);
    return () => observer.disconnect();
  }, [list, picture, pictureWidth, which]);
  return ids.map((_, i) => measured[i] ?? guess);
}
