export const USES = [
  { word: 'arable', label: 'Arable' },
  { word: 'pasture', label: 'Pasture' },
  { word: 'orchard', label: 'Orchard, vines' },
  { word: 'garden', label: 'Garden' },
  { word: 'turf', label: 'Turf' },
];

export const TEXTURES = [
  'sand',
  'loamy-sand',
  'sandy-loam',
  'loam',
  'silt-loam',
  'silt',
  'sandy-clay-loam',
  'clay-loam',
  'silty-clay-loam',
  'sandy-clay',
  'silty-clay',
  'clay',
];

export const ZONE_KINDS = [
  { word: 'main', label: 'Whole field' },
  { word: 'good', label: 'Good patch' },
  { word: 'poor', label: 'Poor patch' },
  { word: 'strip', label: 'Strip' },
  { word: 'reference', label: 'Undisturbed reference' },
];

export const MOISTURES = [
  {
    word: 'dry',
    label: 'Dry',
    sentence: 'Falls apart in the hand, pale. What needs moist soil is kept but is no evidence.',
  },
  { word: 'moist', label: 'Moist', sentence: 'Dark, holds together when pressed.' },
  {
    word: 'wet',
    label: 'Wet',
    sentence: 'Smears, or water shows. What needs moist soil is kept but is no evidence.',
  },
];

export const SCHOOLS = [
  {
    word: 'balanced',
    label: 'Balance',
    sentence: 'The mean of the groups: one strong group cannot be bought with many tests.',
  },
  { word: 'weakest', label: 'Weakest', sentence: 'The lowest group: the scarcest thing limits.' },
  { word: 'tally', label: 'Tally', sentence: 'Each test gives two, one or no point; the sum as percent.' },
];

export const CROPS = [
  'barley',
  'cotton',
  'sugar-beet',
  'bermuda-grass',
  'sorghum',
  'wheat',
  'ryegrass',
  'soya',
  'fescue',
  'tomato',
  'lucerne',
  'cabbage',
  'potato',
  'maize',
  'white-clover',
  'vine',
  'almond',
  'lettuce',
  'onion',
  'carrot',
  'bean',
  'strawberry',
  'grass',
  'turf',
  'cereal',
  'row-crop',
  'vegetable',
  'tree',
  'acid-loving',
];
