/**
 * Asks one thing at a time, and of what is asked meanwhile only the newest: what is slower than it is asked falls behind by one
 * answer, never by a queue.
 * @param answer works it out, in another thread
 * @param show given each answer, in the order of the questions
 */
export function newestFirst<Q, A>(
  answer: (question: Q) => Promise<A>,
  show: (answer: A) => void,
): (question: Q) => void {
  let busy = false;
  let waiting: { question: Q } | null = null;
  const ask = async (question: Q): Promise<void> => {
    busy = true;
    try {
      show(await answer(question));
    } finally {
      busy = false;
      const next = waiting;
      waiting = null;
      if (next) void ask(next.question);
    }
  };
  return (question) => {
    if (busy) waiting = { question };
    else void ask(question);
  };
}
