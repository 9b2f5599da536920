import { INCH, LITRE } from './siFactors';
import { ION_FROM_NITROGEN } from './ionFromNitrogen';
import type { QuantityKind, UnitSystem } from './quantity';
import { DAY, HOUR } from './time';

/**
 * One unit a keeper may read or type.
 * `perUnit` is the size of the unit in SI; `offset` is added in SI (temperatures only): si = value × perUnit + offset.
 */
export interface Unit {
  readonly symbol: string;
  /** What stands after a whole 1, where that is another: “1 hour”. */
  readonly one?: string;
  /** Other spellings accepted when typed, in lower case. */
  readonly aliases: readonly string[];
  readonly perUnit: number;
  readonly offset?: number;
  /** Digits after the point when shown. */
  readonly digits: number;
}

// Exact by definition: international inch, pound (1959) and the US and imperial gallon.
const FOOT = 12 * INCH;
const POUND = 0.45359237;
const US_GALLON = 231 * INCH ** 3;
const IMPERIAL_GALLON = 4.54609e-3;

const metre: Unit = { symbol: 'm', aliases: ['metre', 'metres', 'meter', 'meters'], perUnit: 1, digits: 0 };
const centimetre: Unit = { symbol: 'cm', aliases: ['centimetres', 'centimeters'], perUnit: 0.01, digits: 1 };
const millimetre: Unit = { symbol: 'mm', aliases: ['millimetres', 'millimeters'], perUnit: 1e-3, digits: 0 };
const inch: Unit = { symbol: 'in', aliases: ['"', '”', 'inch', 'inches'], perUnit: INCH, digits: 2 };
const foot: Unit = { symbol: 'ft', aliases: ["'", 'foot', 'feet'], perUnit: FOOT, digits: 0 };
const litre: Unit = {
  symbol: 'L',
  aliases: ['l', 'litre', 'litres', 'liter', 'liters'],
  perUnit: LITRE,
  digits: 2,
};
const millilitre: Unit = { symbol: 'mL', aliases: ['ml'], perUnit: 1e-6, digits: 0 };
const usGallon: Unit = {
  symbol: 'US gal',
  aliases: ['us gal', 'usgal', 'gal', 'gallon', 'gallons'],
  perUnit: US_GALLON,
  digits: 2,
};
const imperialGallon: Unit = {
  symbol: 'imp gal',
  aliases: ['imp gal', 'impgal', 'uk gal', 'gal', 'gallon', 'gallons'],
  perUnit: IMPERIAL_GALLON,
  digits: 2,
};
const litrePerHour: Unit = { symbol: 'L/h', aliases: ['l/h', 'lph'], perUnit: LITRE / HOUR, digits: 0 };
const usGallonPerHour: Unit = {
  symbol: 'US gal/h',
  aliases: ['us gal/h', 'gal/h', 'gph'],
  perUnit: US_GALLON / HOUR,
  digits: 0,
};
const imperialGallonPerHour: Unit = {
  symbol: 'imp gal/h',
  aliases: ['imp gal/h', 'gal/h', 'gph'],
  perUnit: IMPERIAL_GALLON / HOUR,
  digits: 0,
};
const kilogram: Unit = { symbol: 'kg', aliases: [], perUnit: 1, digits: 2 };
const gram: Unit = { symbol: 'g', aliases: ['gram', 'grams'], perUnit: 1e-3, digits: 0 };
const pound: Unit = { symbol: 'lb', aliases: ['lbs', 'pound', 'pounds'], perUnit: POUND, digits: 2 };
const ounce: Unit = { symbol: 'oz', aliases: ['ounce', 'ounces'], perUnit: POUND / 16, digits: 1 };
const squareCentimetre: Unit = { symbol: 'cm²', aliases: ['cm2'], perUnit: 1e-4, digits: 0 };
const squareInch: Unit = { symbol: 'in²', aliases: ['in2'], perUnit: INCH ** 2, digits: 1 };
const squareMetre: Unit = { symbol: 'm²', aliases: ['m2'], perUnit: 1, digits: 2 };
const squareFoot: Unit = { symbol: 'ft²', aliases: ['ft2'], perUnit: FOOT ** 2, digits: 0 };
// Temperatures are held in °C: the correlations of the water model take °C or convert themselves.
const celsius: Unit = { symbol: '°C', aliases: ['c', 'celsius'], perUnit: 1, digits: 1 };
const fahrenheit: Unit = {
  symbol: '°F',
  aliases: ['f', 'fahrenheit'],
  perUnit: 5 / 9,
  offset: -160 / 9,
  digits: 0,
};
const second: Unit = { symbol: 's', aliases: ['sec', 'secs', 'second', 'seconds'], perUnit: 1, digits: 1 };
const minute: Unit = { symbol: 'min', aliases: ['minute', 'minutes'], perUnit: 60, digits: 0 };
const percent: Unit = { symbol: '%', aliases: ['percent'], perUnit: 0.01, digits: 0 };
const timesFood: Unit = { symbol: 'times today’s food', aliases: ['×', 'x'], perUnit: 1, digits: 1 };
const perHour: Unit = { symbol: 'times an hour', aliases: ['x', '×', '/h'], perUnit: 1 / HOUR, digits: 1 };
const milligramPerLitre: Unit = { symbol: 'mg/L', aliases: ['mg/l', 'ppm'], perUnit: 1e-3, digits: 2 };
// Many test kits read the ion; the core holds the nitrogen in it.
const asAmmonium: Unit = {
  symbol: 'mg/L',
  aliases: ['mg/l', 'ppm'],
  perUnit: 1e-3 / ION_FROM_NITROGEN.ammonium,
  digits: 2,
};
const asNitrite: Unit = {
  symbol: 'mg/L',
  aliases: ['mg/l', 'ppm'],
  perUnit: 1e-3 / ION_FROM_NITROGEN.nitrite,
  digits: 2,
};
const asNitrate: Unit = {
  symbol: 'mg/L',
  aliases: ['mg/l', 'ppm'],
  perUnit: 1e-3 / ION_FROM_NITROGEN.nitrate,
  digits: 0,
};
const nitrateMilligram: Unit = {
  symbol: 'mg',
  aliases: [],
  perUnit: 1e-6 / ION_FROM_NITROGEN.nitrate,
  digits: 0,
};
const gramPerDay: Unit = { symbol: 'g/day', aliases: ['g', 'g a day', 'g/d'], perUnit: 1e-3, digits: 2 };
const kilogramPerLitre: Unit = {
  symbol: 'kg/L',
  aliases: ['kg/l', 'g/cm³', 'g/cm3'],
  perUnit: 1000,
  digits: 2,
};
const milligram: Unit = { symbol: 'mg', aliases: [], perUnit: 1e-6, digits: 1 };
const germanDegree: Unit = {
  symbol: '°d',
  aliases: ['d', 'dh', 'dgh', 'dkh', '°dh', 'deg', '°'],
  perUnit: 1,
  digits: 1,
};
/** Parts per million as CaCO₃ in one German degree of hardness (definition: 10 mg/L CaO). */
const CACO3_PER_DEGREE = 17.848;
const ppmCalcium: Unit = { symbol: 'ppm', aliases: ['mg/l'], perUnit: 1 / CACO3_PER_DEGREE, digits: 0 };
const longMetre: Unit = { ...metre, digits: 2 };
const longFoot: Unit = { ...foot, digits: 1 };
const centimetrePerSecond: Unit = { symbol: 'cm/s', aliases: [], perUnit: 0.01, digits: 1 };
const inchPerSecond: Unit = { symbol: 'in/s', aliases: [], perUnit: INCH, digits: 1 };
const watt: Unit = { symbol: 'W', aliases: ['w', 'watt', 'watts'], perUnit: 1, digits: 1 };
const degree: Unit = {
  symbol: '°',
  aliases: ['deg', 'degree', 'degrees'],
  perUnit: Math.PI / 180,
  digits: 1,
};
const poresPerInch: Unit = { symbol: 'ppi', aliases: [], perUnit: 1 / INCH, digits: 0 };
const week: Unit = { symbol: 'weeks', one: 'week', aliases: ['week', 'w'], perUnit: 7 * DAY, digits: 0 };
const hour: Unit = { symbol: 'hours', one: 'hour', aliases: ['hour', 'h'], perUnit: HOUR, digits: 0 };
const day: Unit = { symbol: 'days', one: 'day', aliases: ['day', 'd'], perUnit: DAY, digits: 0 };
const micrometre: Unit = {
  symbol: 'µm',
  aliases: ['μm', 'um', 'micron', 'microns'],
  perUnit: 1e-6,
  digits: 0,
};
const squareMetrePerLitre: Unit = { symbol: 'm²/L', aliases: ['m2/l', 'm²/l'], perUnit: 1000, digits: 2 };
const plain: Unit = { symbol: '', aliases: [], perUnit: 1, digits: 1 };

/** The unit a kind is shown in, then the others that may be typed for it. */
type UnitRow = Readonly<Record<UnitSystem, Unit>> & { readonly typed: readonly Unit[] };

const everywhere = (unit: Unit, ...typed: Unit[]): UnitRow => ({
  metric: unit,
  us: unit,
  imperial: unit,
  typed: [unit, ...typed],
});

const lengths = [centimetre, millimetre, metre, inch, foot];
const volumes = [litre, millilitre, usGallon, imperialGallon];

/**
 * Every kind with its unit in each system. SI units held by the core: length, gap and altitude m; volume m³;
 * flow m³/s; mass and milligram kg; area and surface m²; temperature °C; time s; share 0–1; turnover 1/s; cover 1;
 * concentration and density kg/m³; feed kg a day; hardness German degrees;
 * run m; speed m/s; power W; angle rad; pores 1/m; duration, hours and days s; sludge m³;
 * fine m; specificSurface m² per m³.
 */
export const UNITS: Readonly<Record<QuantityKind, UnitRow>> = {
  length: { metric: centimetre, us: inch, imperial: inch, typed: lengths },
  gap: { metric: millimetre, us: inch, imperial: inch, typed: lengths },
  volume: { metric: litre, us: usGallon, imperial: imperialGallon, typed: volumes },
  flow: {
    metric: litrePerHour,
    us: usGallonPerHour,
    imperial: imperialGallonPerHour,
    typed: [litrePerHour, usGallonPerHour, imperialGallonPerHour],
  },
  mass: { metric: kilogram, us: pound, imperial: pound, typed: [kilogram, gram, pound, ounce] },
  area: {
    metric: squareCentimetre,
    us: squareInch,
    imperial: squareInch,
    typed: [squareCentimetre, squareInch],
  },
  surface: { metric: squareMetre, us: squareFoot, imperial: squareFoot, typed: [squareMetre, squareFoot] },
  temperature: { metric: celsius, us: fahrenheit, imperial: celsius, typed: [celsius, fahrenheit] },
  time: everywhere(second, minute),
  share: everywhere(percent),
  turnover: everywhere(perHour),
  cover: everywhere(timesFood),
  concentration: everywhere(milligramPerLitre),
  ammonium: everywhere(asAmmonium),
  nitriteIon: everywhere(asNitrite),
  nitrate: everywhere(asNitrate),
  nitrateMass: everywhere(nitrateMilligram),
  altitude: { metric: metre, us: foot, imperial: foot, typed: [metre, foot] },
  feed: everywhere(gramPerDay),
  milligram: everywhere(milligram),
  density: everywhere(kilogramPerLitre),
  hardness: {
    metric: germanDegree,
    us: ppmCalcium,
    imperial: germanDegree,
    typed: [germanDegree, ppmCalcium],
  },
  run: { metric: longMetre, us: longFoot, imperial: longFoot, typed: [longMetre, ...lengths] },
  speed: {
    metric: centimetrePerSecond,
    us: inchPerSecond,
    imperial: inchPerSecond,
    typed: [centimetrePerSecond, inchPerSecond],
  },
  power: everywhere(watt),
  angle: everywhere(degree),
  pores: everywhere(poresPerInch),
  duration: everywhere(week, day),
  hours: everywhere(hour),
  days: everywhere(day, week),
  sludge: everywhere(millilitre),
  fine: everywhere(micrometre, millimetre),
  specificSurface: everywhere(squareMetrePerLitre),
  plain: everywhere(plain),
};

/** A value in SI from a number read in `unit`. */
export const toSi = (value: number, unit: Unit): number => value * unit.perUnit + (unit.offset ?? 0);

/** The number that `si` reads in `unit`. */
export const fromSi = (si: number, unit: Unit): number => (si - (unit.offset ?? 0)) / unit.perUnit;
