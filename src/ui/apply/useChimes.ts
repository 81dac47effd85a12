"use client";
import { useEffect, useRef, useState } from "react";

/** A moment that is told: what is said then, and how loud it calls. */
export interface Chime {
  readonly id: string;
  readonly atMs: number;
  readonly words: string;
  readonly calls: "softly" | "loudly";
}
/** A moment that is long past when a page is opened is not called any more. */
const LATE_MS = 60_000;

/** A few soft tones, or more of them. */
function play(audio: AudioContext, times: number): void {
  for (let i = 0; i < times; i++) {
    const at = audio.currentTime + i * 0.45;
    const tone = audio.createOscillator();
    const loud = audio.createGain();
    tone.frequency.value = i % 2 ? 660 : 880;
    loud.gain.setValueAtTime(0.0001, at);
    loud.gain.exponentialRampToValueAtTime(0.35, at + 0.03);
    loud.gain.exponentialRampToValueAtTime(0.0001, at + 0.4);
    tone.connect(loud).connect(audio.destination);
    tone.start(at);
    tone.stop(at + 0.42);
  }
}

/**
 * Says each moment once when it comes, and lets it be heard once somebody has switched the sound on, which browsers
 * want a press for.
 * @returns what was said last, for those who listen, and the switch
 */
export function useChimes(chimes: readonly Chime[], nowMs: number) {
  const audio = useRef<AudioContext>(undefined);
  const told = useRef(new Set<string>());
  const [said, setSaid] = useState("");
  const [sounds, setSounds] = useState(false);
  useEffect(() => {
    for (const { id, atMs, words, calls } of chimes) {
      const key = `${id} ${Math.round(atMs / 1000)}`;
      if (atMs > nowMs || told.current.has(key)) continue;
      told.current.add(key);
      if (nowMs - atMs > LATE_MS) continue;
      setSaid(words);
      if (audio.current) play(audio.current, calls === "loudly" ? 6 : 2);
    }
  }, [chimes, nowMs]);
  useEffect(() => () => void audio.current?.close(), []);
  const toggle = () => {
    if (audio.current) {
      void audio.current.close();
      audio.current = undefined;
    } else {
      audio.current = new AudioContext();
      play(audio.current, 1);
    }
    setSounds(audio.current !== undefined);
  };
  return { said, sounds, toggle };
}
