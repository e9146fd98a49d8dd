/** No such page. */
export function Lost() {
  return (
    <main className="grid gap-4 p-6">
      <h1 className="text-lead font-bold">There is nothing here</h1>
      <a href="/" className="text-plan underline">
        All jobs
      </a>
    </main>
  )
}

/** A fault of ours. */
export function Broken() {
  return (
    <main className="grid gap-4 p-6">
      <h1 className="text-lead font-bold">This page failed</h1>
      <p>
        What was typed is kept in this browser, and what was saved is safe. Open the page again; if it stays, tell the
        administrator.
      </p>
      <a href="/" className="text-plan underline">
        All jobs
      </a>
    </main>
  )
}
