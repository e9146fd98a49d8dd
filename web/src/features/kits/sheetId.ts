/** What a sheet can be called; the same rule as in the format. */
export const SHEET_ID = /^[a-z0-9][a-z0-9.-]{0,79}$/
