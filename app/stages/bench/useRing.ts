import { useEffect, useRef } from "react";
import type { Clock } from "#core/bench/view";
import type { LocalMinutes } from "#core/design/localTime";

/** Asks the browser whether it may show a note when a clock is over; it asks only once. */
export function mayNotify(): void {
  if ("Notification" in window && Notification.permission === "default") void Notification.requestPermission();
}

/** Two short tones, and a note where that is allowed: something has set. */
function ring(title: string): void {
  try {
    const audio = new AudioContext();
    for (const [at, hz] of [
      [0, 660],
      [0.35, 880],
    ] as const) {
      const tone = audio.createOscillator();
      const loud = audio.createGain();
      tone.frequency.value = hz;
      loud.gain.setValueAtTime(0.2, audio.currentTime + at);
      loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.3);
      tone.connect(loud).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 0.3);
    }
    setTimeout(() => void audio.close(), 1500);
  } catch {
    // A page that was not touched yet may make no sound; its clock shows it all the same.
  }
  if ("Notification" in window && Notification.permission === "granted")
    new Notification(title, { body: "Its wait is over." });
}

/** Rings once when a clock that was running is over. */
export function useRing(clocks: readonly Clock[], now: LocalMinutes): void {
  const running = useRef(new Set<string>());
  useEffect(() => {
    for (const { stepId, readyAt, title } of clocks) {
      const key = `${stepId} ${readyAt}`;
      if (readyAt > now) running.current.add(key);
      else if (running.current.delete(key)) ring(title);
    }
  }, [clocks, now]);
}
