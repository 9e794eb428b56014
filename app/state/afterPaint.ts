/** What waits for the frame under way. */
let waiting: (() => void)[] = [];

/**
 * Runs work once what is now drawn has been painted.
 * @param work taken up after the frame under way is on the screen
 */
export function afterPaint(work: () => void): void {
  waiting.push(work);
  if (waiting.length > 1) return;
  requestAnimationFrame(() => {
    const works = waiting;
    waiting = [];
    // A message posted in a frame is taken up once the frame is painted.
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      channel.port1.close();
      for (const each of works) each();
    };
    channel.port2.postMessage(null);
  });
}
