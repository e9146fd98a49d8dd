// One deed on the page as it is, told to done(): what is asked is read off it, as a person reads it. What begins with ? was none.
const shown = (one) => one.offsetParent !== null
const all = (selector, root = document) => [...root.querySelectorAll(selector)].filter(shown)
const text = (one) => one.textContent.replace(/\s+/g, ' ').trim()
const now = all('[data-cut-screen]')[0] ?? all('section[aria-label="Now"]')[0]
if (!now) return done('?nothing asked: ' + text(document.body).slice(0, 300))
const alert = all('[role=alert]', now)[0]
if (alert) return done('?refused: ' + text(alert))
const type = (input, value) => {
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, value)
  input.dispatchEvent(new Event('input', { bubbles: true }))
  setTimeout(() => { input.form.requestSubmit(); done('typed ' + value + ': ' + text(now).slice(0, 90)) }, 0)
}
const button = (words) => all('button:not([disabled])', now).find((one) => words.test(text(one)))
const press = (one) => { one.click(); done('pressed ' + text(one) + ': ' + text(now).slice(0, 90)) }
if (now.matches('[data-cut-screen]')) {
  const input = all('input[inputmode=decimal]', now)[0]
  const at = /text-target/.test(now.innerHTML) ? all('.text-target', now)[0] : null
  if (input && at) return type(input, text(at))
  const on = button(/^On to what is next$/)
  return on ? press(on) : done('?no way on: ' + text(now).slice(0, 300))
}
const numbers = (words) => [...words.matchAll(/(\d+(?:\.\d+)?)/g)].map(([one]) => Number(one))
const reading = (limits) => {
  const [low = 0, high = null] = numbers(limits)
  if (/^at least/.test(limits)) return low * 1.02
  if (/^(at most|up to|less)/.test(limits)) return low * 0.6
  return high === null ? low : (low + high) / 2
}
// What the other readings leave of it, where that is less than the sheet does.
const left = /leave ([\d.]+) mm to ([\d.]+) mm/.exec(text(now))
if (left) return type(all('input[inputmode=decimal]', now)[0], String((Number(left[1]) + Number(left[2])) / 2))
const limits = all('p.text-entry:not([role=timer])', now)[0]
const field = all('form input', now).find((one) => ['text', 'decimal', ''].includes(one.inputMode) && one.type === 'text')
if (field && /^Phase/.test(text(field.closest('label') ?? field.parentElement))) {
  all('input[type=radio]', now)[0].click()
  return type(field, 'L' + (/core (\d)/.exec(text(now))?.[1] ?? '1'))
}
if (field && /^Torque/.test(text(field.closest('label') ?? field.parentElement)))
  return type(field, limits ? reading(text(limits)) + ' N·m' : '40 N·m')
if (field && /^Date/.test(text(field.closest('label') ?? field.parentElement))) return type(field, window.theDate)
if (field && /^As printed/.test(text(field.closest('label') ?? field.parentElement))) return type(field, 'W-4471')
if (field && /^How many/.test(text(field.closest('label') ?? field.parentElement)))
  return type(field, String(limits ? Math.round(reading(text(limits))) : 2))
if (field && limits && !/^Batch/.test(text(field.closest('label') ?? field.parentElement)))
  return type(field, String(Math.round(reading(text(limits)) * 10) / 10))
if (all('[role=timer]', now)[0] && !button(/^(The time is over|It goes on now)$/)) { window.later(3600); return done('waited') }
const ways = [
  /^All \d+ are on$/, /so$/, /^(The time is over|It goes on now)$/, /^Go on: it is done$/, /^It is done$/, /^All \d+ are done$/,
  /^Yes$/, /is on$/, /^Done/,
]
for (const way of ways) { const one = button(way); if (one) return press(one) }
const tick = all('input[type=checkbox]:not([disabled]):not(:checked)', now).find((one) => !/undone/.test(text(one.closest('label'))))
if (tick) { tick.click(); return done('ticked ' + text(tick.closest('label'))) }
return done('?' + text(now).slice(0, 400))
