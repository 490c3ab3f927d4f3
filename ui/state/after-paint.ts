/** A page that is not in sight is not painted; what waits for that goes on after so long. */
const UNPAINTED_MS = 200;

/** Does something once the screen has shown the answer to a press, so that the answer does not wait for it. */
export function afterPaint(run: () => void): void {
  let done = false;
  const once = () => {
    if (done) return;
    done = true;
    run();
  };
  requestAnimationFrame(() => setTimeout(once));
  setTimeout(once, UNPAINTED_MS);
}

/** The same, to wait for. */
export function painted(): Promise<void> {
  return new Promise(afterPaint);
}
