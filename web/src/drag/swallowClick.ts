/** The click that a browser sends after a drag is not meant for what lies below. */
export function swallowClick() {
  window.addEventListener('click', (click) => click.stopPropagation(), { capture: true, once: true })
  window.setTimeout(() => window.dispatchEvent(new MouseEvent('click')), 0)
}
