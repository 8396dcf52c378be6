import { lookUp } from '../../measure/lookUp';

/** The same in Arabic, for hands written from the right. */
export const ARABIC_WORDS: readonly string[] = [
  'نجم',
  'قمر',
  'شمس',
  'فلك',
  'نور',
  'برج',
  'بحر',
  'فجر',
  'ليل',
  'كوكب',
  'هلال',
  'سحب',
  'برق',
  'ثلج',
  'رعد',
  'ريح',
  'جو',
  'مدار',
  'موج',
  'زحل',
  'سديم',
  'شفق',
  'غيم',
  'نجوم',
  'لمع',
  'سماك',
  'كسوف',
  'قوس',
  'ظل',
  'ضباب',
  'مطر',
  'صباح',
  'شرق',
  'غرب',
  'شمال',
  'جنوب',
  'طيف',
  'لون',
  'زجاج',
  'شعاع',
  'مرصد',
  'قبة',
  'كون',
  'مذنب',
  'شهاب',
  'خسوف',
  'مشتري',
  'عطارد',
  'مجرة',
  'عدسة',
  'ذنب',
  'حر',
  'خريف',
  'دجى',
  'صيف',
  'طل',
  'ورد',
  'يوم',
  'تل',
  'ثريا',
];

const byFirst = (words: readonly string[]): Record<string, string[]> => {
  const lists: Record<string, string[]> = {};
  for (const word of words) {
    const first = word[0] as string;
    lists[first] = [...(lookUp(lists, first) ?? []), word];
  }
  return lists;
};

/** Words of sky, weather and optics for alphabets, several a letter: shorter ones first. */
export const SKY_WORDS: Readonly<Record<string, readonly string[]>> = {
  a: ['arc', 'air', 'axis', 'aurora', 'azimuth', 'altitude', 'aperture', 'afterglow', 'anemometer'],
  b: ['beam', 'blue', 'breeze', 'bolide', 'barometer', 'binoculars', 'brightness'],
  c: ['cirrus', 'comet', 'corona', 'cloud', 'crescent', 'chart', 'calm', 'cosmic', 'compass'],
  d: ['dew', 'dusk', 'dawn', 'dome', 'day', 'dial', 'drizzle', 'daybreak', 'distance'],
  e: ['east', 'eclipse', 'equinox', 'evening', 'ether', 'eyepiece', 'equator'],
  f: ['fog', 'frost', 'focus', 'flare', 'filter', 'flash', 'firmament', 'forecast'],
  g: ['gale', 'glow', 'glass', 'gust', 'galaxy', 'gibbous', 'gnomon', 'gloaming'],
  h: ['halo', 'haze', 'hail', 'horizon', 'heaven', 'hemisphere', 'humidity'],
  i: ['ice', 'iris', 'image', 'icicle', 'infrared', 'inclination'],
  j: ['jet', 'joule', 'jovian', 'journey', 'june', 'january'],
  k: ['kite', 'kelvin', 'knot', 'kaleidoscope', 'kinetic'],
  l: ['light', 'lens', 'lunar', 'lamp', 'latitude', 'lightning', 'luminous'],
  m: ['moon', 'mist', 'mirror', 'meteor', 'month', 'midnight', 'monsoon', 'magnitude'],
  n: ['night', 'north', 'nova', 'noon', 'nebula', 'nimbus', 'nadir'],
  o: ['orb', 'orbit', 'optics', 'ozone', 'octant', 'overcast', 'observatory'],
  p: ['prism', 'planet', 'phase', 'polar', 'photon', 'parallax', 'penumbra', 'perigee'],
  q: ['quiet', 'quasar', 'quartz', 'quadrant', 'quarter'],
  r: ['ray', 'rain', 'rise', 'rainbow', 'refraction', 'radiance', 'reflector'],
  s: ['sun', 'star', 'sky', 'snow', 'south', 'solstice', 'spectrum', 'sextant', 'shadow'],
  t: ['tide', 'thaw', 'twilight', 'thunder', 'transit', 'telescope', 'tripod'],
  u: ['umbra', 'utmost', 'universe', 'undimmed', 'ultraviolet'],
  v: ['void', 'veil', 'vapour', 'violet', 'vernier', 'visible', 'vernal'],
  w: ['wind', 'west', 'wane', 'wax', 'weather', 'winter', 'whirlwind'],
  x: ['xenon', 'xeric'],
  y: ['year', 'yaw', 'yellow', 'yonder', 'yesterday'],
  z: ['zenith', 'zone', 'zephyr', 'zodiac', 'zero', 'zigzag'],
  ...byFirst(ARABIC_WORDS),
};

/** Sentences of the observatory that hold every letter of the alphabet. */
export const PANGRAMS: readonly string[] = [
  'wax moon, jupiter black: five glazed frosty squares of hay',
  'the quick zephyr blew fog across jovian moons, exact and dark',
  'the sextant shows a quick jovian blaze of very mild evening pink',
  'just before dawn six quick zephyrs moved a lazy white cloud along',
  'a quick zephyr moved the jovian fog; we watch six blue stars glow',
  'jagged frost quickly veiled the prow of an extra small bronze dome',
  'quartz lenses fix the jovian glow by which dim comets keep pace with a star',
];

/** Short sentences for the end of a course. */
export const SENTENCES: readonly string[] = [
  'Clear skies tonight.',
  'The dome is open.',
  'Mind the step, please.',
  'A comet at dusk.',
  'Frost on every lens.',
  'Quiet, the stars move.',
  'Jupiter rises at six.',
  'Zenith by midnight.',
  'Watch the moon wax.',
  'We leave by lamplight.',
  'Vega above the elms.',
  'Keep warm and look up.',
];

/** The same in Arabic. */
export const ARABIC_SENTENCES: readonly string[] = [
  'قمر ونجم في ليل طويل.',
  'هلال فوق برج عتيق.',
  'ثلج على قبة مرصد.',
  'شمس شرق وظل غرب.',
  'نور نجم بعيد.',
  'سحب ومطر وريح.',
];
