/** While something is dragged, what waits for it takes at most this share of the time: the rest is the drag's own. */
const SHARE = 1 / 30;

/** What waits for the frame under way. */
let waiting: (() => void)[] = [];
/** Until when nothing is taken up again, so that it keeps to its share; on the page's own clock, ms. */
let restsUntil = 0;

/** Does something in a task of its own, after what is now under way. */
function inOwnTask(work: () => void): void {
  const channel = new MessageChannel();
  channel.port1.onmessage = () => {
    channel.port1.close();
    work();
  };
  channel.port2.postMessage(null);
}

/** Does what waits, and rests by how long that took with all that was drawn for it. */
function takeUp(): void {
  const works = waiting;
  waiting = [];
  const begunAt = performance.now();
  for (const each of works) each();
  inOwnTask(() => {
    const doneAt = performance.now();
    restsUntil = doneAt + (doneAt - begunAt) / SHARE;
  });
}

/**
 * Runs work once what is now drawn has been painted: at once then, or as soon as what was so run before has rested.
 * @param work taken up after a frame is on the screen
 */
export function afterPaint(work: () => void): void {
  waiting.push(work);
  if (waiting.length > 1) return;
  // A message posted in a frame is taken up once the frame is painted.
  const onceShown = () => requestAnimationFrame(() => inOwnTask(takeUp));
  const rest = restsUntil - performance.now();
  if (rest > 0) setTimeout(onceShown, rest);
  else onceShown();
}
