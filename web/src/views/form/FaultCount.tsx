/** How much is wrong somewhere; nothing where nothing is. */
export function FaultCount({ count }: { count: number }) {
  return count > 0 ? <span className="font-semibold text-out">✕ {count}</span> : null
}
