// The clock of this browser goes on by what is waited.
window.theDate = new Date(Date.now() - 60 * 86400e3).toISOString().slice(0, 10)
if (!window.later) {
  const now = Date.now.bind(Date), Real = Date
  let ahead = Number(localStorage.getItem('test.ahead') ?? 0)
  window.later = (seconds) => { ahead += 1000 * seconds; localStorage.setItem('test.ahead', ahead) }
  window.Date = class extends Real {
    constructor(...given) {
      given.length ? super(...given) : super(now() + ahead)
    }
    static now() {
      return now() + ahead
    }
  }
}
