/** Where the focus goes when what had it is gone. */

/** The heading of the screen. */
export function focusHeading(): void {
  const heading = document.querySelector<HTMLElement>('main h1') ?? document.getElementById('main');
  if (!heading) return;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
}

/** Call after something with the focus was taken away: `to` gets it, else the heading. Nothing happens while something else has it. */
export function focusAfter(to: () => HTMLElement | null | undefined): void {
  requestAnimationFrame(() => {
    if (document.activeElement && document.activeElement !== document.body) return;
    const next = to();
    if (next) next.focus();
    else focusHeading();
  });
}
