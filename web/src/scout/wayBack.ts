import type { Corner } from '../api/types';

const EARTH_M = 6_371_008.8;
const rad = (degrees: number) => (degrees * Math.PI) / 180;

/** How far and in which direction, in metres and degrees from north. */
export function wayTo(from: Corner, to: Corner): { metres: number; degrees: number } {
  const dLat = rad(to.lat - from.lat);
  const dLon = rad(to.lon - from.lon);
  const half =
    Math.sin(dLat / 2) ** 2 + Math.cos(rad(from.lat)) * Math.cos(rad(to.lat)) * Math.sin(dLon / 2) ** 2;
  const y = Math.sin(dLon) * Math.cos(rad(to.lat));
  const x =
    Math.cos(rad(from.lat)) * Math.sin(rad(to.lat)) -
    Math.sin(rad(from.lat)) * Math.cos(rad(to.lat)) * Math.cos(dLon);
  return {
    metres: 2 * EARTH_M * Math.asin(Math.sqrt(half)),
    degrees: ((Math.atan2(y, x) * 180) / Math.PI + 360) % 360,
  };
}

const WINDS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];

export function wind(degrees: number): string {
  return WINDS[Math.round(degrees / 45) % 8] ?? 'north';
}
