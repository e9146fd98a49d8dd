// What the worker measured becomes the text of the page, for the script that reads it.
const worker = new Worker(new URL('./engine.js', import.meta.url), { type: 'module' })
const tell = (text) => {
  document.body.textContent = text
  document.title = 'done'
}
worker.onmessage = ({ data }) => tell(JSON.stringify(data))
worker.onerror = ({ message }) => tell(JSON.stringify({ error: message }))
