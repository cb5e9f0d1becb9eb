/** Two halves on either side of an upright line, the one the other's mirror image: left changes with right. */
export function FlipIcon() {
  return (
    <svg aria-hidden width="17" height="17" viewBox="0 0 24 24" fill="none" stroke="currentColor" strokeWidth="2">
      <path d="M12 3v18" strokeDasharray="3 3" />
      <path d="M8 6v12H2.5Z" strokeLinejoin="round" />
      <path d="M16 6v12h5.5Z" strokeLinejoin="round" fill="currentColor" />
    </svg>
  )
}
