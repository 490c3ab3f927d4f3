/** Does something once the screen has shown the answer to a press, so that the answer does not wait for it. */
export function afterPaint(run: () => void): void {
  requestAnimationFrame(() => setTimeout(run));
}
