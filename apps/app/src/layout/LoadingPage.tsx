import { shapeOf } from './pageShape';

/**
 * A page on its way: its own shape, as the first page has it before any script (`public/index.html`). Drawn by the same
 * rules (`public/shell.css`), so that nothing moves where one takes the place of the other.
 */
export function LoadingPage() {
  return (
    <main className={`shell shell-${shapeOf(window.location)}`} aria-busy="true" aria-label="Loading the page">
      <div className="shell-bar" />
      <div className="shell-rule" />
      <div className="shell-drawing" />
      <div className="shell-lines" />
      <div className="shell-keys" />
    </main>
  );
}

/** What stands under the bar and beside the rule, on its way where those two are there already. */
export function LoadingPart() {
  return (
    <div
      className={`shell shell-part shell-${shapeOf(window.location)}`}
      role="status"
      aria-busy="true"
      aria-label="Loading the page"
    >
      <div className="shell-drawing" />
      <div className="shell-lines" />
      <div className="shell-keys" />
    </div>
  );
}
