type Answer = { version: number; log: readonly unknown[] }

/** Answers may overtake each other: an older one would make the next change look like a conflict. */
export function newerOf<T extends Answer>(kept: T | undefined, answer: T): T {
  if (!kept || kept.version < answer.version) return answer
  return kept.version > answer.version || kept.log.length > answer.log.length ? kept : answer
}
