import type { Unit } from './length'

/** Inches go with Fahrenheit, millimetres with Celsius. */
export const temperatureUnit = (unit: Unit): 'C' | 'F' => (unit === 'in' ? 'F' : 'C')

/** "12.5 °C", or "54.5 °F" for those who read in inches. */
export function sayTemperature(celsius: number, unit: Unit): string {
  const value = unit === 'in' ? celsius * 1.8 + 32 : celsius
  return `${((Math.sign(value) * Math.round(Math.abs(value) * 10)) / 10).toFixed(1).replace(/\.0$/, '')} °${temperatureUnit(unit)}`
}

/** "2.9 K", or "5.2 °F" for those who read Fahrenheit: 1 K is 1.8 of them. */
export function sayTemperatureDifference(kelvins: number, unit: Unit): string {
  const value = unit === 'in' ? kelvins * 1.8 : kelvins
  return `${value.toFixed(1).replace(/\.0$/, '')} ${unit === 'in' ? '°F' : 'K'}`
}

/** Whether this can be a temperature; the server reads it. */
export const isTemperature = (text: string): boolean => /^\s*[-−+]?\d{1,3}([.,]\d{1,2})?\s*(°?\s*[cf])?\s*$/i.test(text)

/** As open files have it: with its unit. */
export const withTemperatureUnit = (text: string, unit: Unit): string =>
  /[cf]\s*$/i.test(text) ? text.trim() : `${text.trim()} °${temperatureUnit(unit)}`
