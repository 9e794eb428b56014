type Work = (paintedAt: number) => void;

/** What waits for the frame under way. */
let waiting: Work[] = [];

/**
 * Runs work once what is now drawn has been painted.
 * @param work taken up after the frame under way is on the screen; told when that was, by `performance.now()`
 */
export function afterPaint(work: Work): void {
  waiting.push(work);
  if (waiting.length > 1) return;
  requestAnimationFrame(() => {
    const works = waiting;
    waiting = [];
    // A message posted in a frame is taken up once the frame is painted.
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      channel.port1.close();
      const paintedAt = performance.now();
      for (const each of works) each(paintedAt);
    };
    channel.port2.postMessage(null);
  });
}
