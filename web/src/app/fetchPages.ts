import type { RouteObject } from 'react-router'

/**
 * Fetches every page that is fetched when it is first opened, so that a trench without a signal has them all: each is then in the
 * browser's memory. One that cannot be had now is asked for again when it is opened.
 */
export async function fetchPages(routes: RouteObject[]): Promise<void> {
  for (const { lazy, children } of routes) {
    if (typeof lazy === 'function') await lazy().catch(() => undefined)
    await fetchPages(children ?? [])
  }
}
