/** Room for two facing pages beside each other. */
const PAGE_PX = { width: 45, height: 70 }

/** How large a page is shown in the run. */
export function pageSizeIn({ width, height }: { width: number; height: number }) {
  const scale = Math.min(PAGE_PX.width / width, PAGE_PX.height / height)
  return { width: Math.max(8, Math.round(width * scale)), height: Math.max(8, Math.round(height * scale)) }
}
