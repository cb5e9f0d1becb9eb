/** The product's mark: two threads over and under. */
export function Mark({ size = 20 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden fill="none" strokeWidth="4">
      <path className="stroke-woad" d="M7 1v5M7 10v13M17 1v13M17 18v5" />
      <path className="stroke-madder" d="M1 8h13M18 8h5M1 16h4M9 16h14" />
    </svg>
  )
}
